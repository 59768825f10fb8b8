package cufflink.drawing;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.stack.StackLayer;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** What layers of the closed card look like: paper as its stock does, all else in the ink of its kind. */
public final class LayerColours {
    private LayerColours() {
    }

    /** The paper that a layer is of; absent for what is none. */
    public static Optional<Stock> paper(Plan plan, StackLayer layer) {
        return switch (layer.kind()) {
            case CONTENTS, SOFT, HARDWARE, ORNAMENT -> Optional.empty();
            case MAT -> Optional.of(plan.project().paper(PaperRole.layer(layer.level())));
            case PANEL ->
                Optional.of(plan.project().paper(plan.design().piece(layer.panel().orElseThrow().piece())));
        };
    }

    /** The colour of a face of a layer. */
    public static String of(Plan plan, StackLayer layer, Face face) {
        return switch (layer.kind()) {
            case CONTENTS -> Ink.CONTENTS.colour();
            case SOFT -> Ink.SOFT.colour();
            case HARDWARE -> Ink.HARDWARE.colour();
            case ORNAMENT -> plan.design().ornament(layer.id()).flatMap(Ornament::colour).orElse(Ink.ORNAMENT.colour());
            case MAT -> paper(plan, layer).orElseThrow().face();
            case PANEL -> {
                Stock stock = paper(plan, layer).orElseThrow();
                yield face == Face.OUTSIDE ? stock.face() : stock.back();
            }
        };
    }

    /** Of the ornaments that have one of their own, by id. */
    static Map<String, String> ornaments(Plan plan) {
        Map<String, String> colours = new HashMap<>();
        plan.design().ornaments()
                .forEach(one -> one.colour().ifPresent(colour -> colours.put(one.id(), colour)));
        return colours;
    }
}
