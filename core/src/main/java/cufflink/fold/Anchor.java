package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.SizedDesign;
import java.util.Optional;

/** The panel of a piece that stays on the table while it is folded. */
final class Anchor {
    private Anchor() {
    }

    /**
     * The panel that the design names; without, a glued-on piece stays by the panel that is glued, any other by its
     * largest panel, the last of equals.
     */
    static String of(SizedDesign design, CreasePattern pattern) {
        Optional<String> named = design.piece(pattern.piece()).lying().rests()
                .filter(panel -> pattern.panel(panel).isPresent());
        if (named.isPresent()) {
            return named.get();
        }
        for (SizedDesign.Glue glue : design.glue()) {
            if (glue.way() != Way.SLOT && glue.way() != Way.LATER && glue.at().isPresent()
                    && glue.part().piece().equals(pattern.piece()) && pattern.panel(glue.part().panel()).isPresent()) {
                return glue.part().panel();
            }
        }
        Panel anchor = pattern.panels().get(0);
        for (Panel panel : pattern.panels()) {
            if (panel.bounds().getArea() >= anchor.bounds().getArea() - 1e-6) {
                anchor = panel;
            }
        }
        return anchor.id();
    }
}
