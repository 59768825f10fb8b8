package cufflink.design;

import cufflink.design.DesignDefinition.PanelPlace;
import java.util.Optional;

/**
 * An ornament as a design file or a maker's project describes it; see {@link Ornament}.
 *
 * @param face the outside if absent
 */
public record OrnamentDefinition(Template id, Template label, PanelPlace on, Optional<Face> face, Put put, Form form,
        Formula height, Optional<String> colour) {
    /** Where it lies; not turned if {@code turn} is absent. */
    public record Put(Along across, Along down, Optional<Formula> turn) {
    }

    /** A place in one direction; nothing if {@code by} is absent. */
    public record Along(Ornament.Anchor from, Optional<Formula> by) {
        static Along of(Ornament.Along along) {
            return new Along(along.from(), Optional.of(Formula.of(along.by())));
        }
    }

    /** What it looks like; as high as it is wide, or as its path is, if {@code height} is absent. */
    public record Form(OrnamentShape shape, Formula width, Optional<Formula> height, Optional<Ornament.Traced> traced) {
    }

    /** One whose numbers are known. */
    public static OrnamentDefinition of(Ornament ornament) {
        Ornament.Form form = ornament.form();
        return new OrnamentDefinition(Template.of(ornament.id()), Template.of(ornament.label()),
                new PanelPlace(Template.of(ornament.on().piece()), Template.of(ornament.on().panel())),
                Optional.of(ornament.face()),
                new Put(Along.of(ornament.put().across()), Along.of(ornament.put().down()),
                        Optional.of(Formula.ofDegrees(ornament.put().turn()))),
                new Form(form.shape(), Formula.of(form.width()), Optional.of(Formula.of(form.height())),
                        form.traced()),
                Formula.of(ornament.height()), ornament.colour());
    }
}
