package cufflink.files.plan;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.Page;
import cufflink.plan.Plan;
import cufflink.stack.Leafing;
import java.util.List;

/** The pages of what is leafed through, as JSON; nothing for what has none or does not close. */
final class PagesJson {
    private PagesJson() {
    }

    static void write(ObjectNode root, Plan plan) {
        Leafing.of(plan.workings().stacked()).ifPresent(leafing -> {
            ObjectNode pages = root.putObject("pages").put("front", leafing.front().name()).put("back",
                    leafing.back().name());
            names(pages.putArray("spreads"), leafing.spreads());
            names(pages.putArray("turnedOver"), leafing.turnedOver());
            ArrayNode sides = pages.putArray("sides");
            plan.design().sidesOfPages()
                    .forEach(side -> sides.addObject().put("name", side.name()).put("panel", side.panel().toString())
                            .put("face", side.face().word()).put("paper", plan.design().piece(side.panel().piece())
                                    .showsRightSide(side.face()) ? "right" : "wrong"));
        });
    }

    private static void names(ArrayNode node, List<Page.Spread> spreads) {
        spreads.forEach(spread -> node.addArray().add(spread.left().name()).add(spread.right().name()));
    }
}
