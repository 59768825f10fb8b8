package cufflink.design;

import cufflink.measure.Length;
import java.util.Optional;
import java.util.function.Function;

/** Works out ornaments. */
final class OrnamentSizer {
    private final Worksheet sheet;
    private final Function<DesignDefinition.PanelPlace, PanelRef> panel;

    OrnamentSizer(Worksheet sheet, Function<DesignDefinition.PanelPlace, PanelRef> panel) {
        this.sheet = sheet;
        this.panel = panel;
    }

    Ornament ornament(OrnamentDefinition ornament) {
        OrnamentDefinition.Put put = ornament.put();
        return new Ornament(sheet.text(ornament.id()), sheet.text(ornament.label()), panel.apply(ornament.on()),
                ornament.face().orElse(Face.OUTSIDE),
                new Ornament.Put(along(put.across()), along(put.down()),
                        put.turn().map(turn -> Math.IEEEremainder(sheet.degrees(turn), 360)).orElse(0.0)),
                form(ornament.form()), sheet.length(ornament.height()), ornament.colour());
    }

    private Ornament.Along along(OrnamentDefinition.Along along) {
        return new Ornament.Along(along.from(), along.by().map(sheet::length).orElse(Length.ZERO));
    }

    private Ornament.Form form(OrnamentDefinition.Form form) {
        Length width = sheet.length(form.width());
        Optional<Length> height = form.height().map(sheet::length);
        return new Ornament.Form(form.shape(), width, height.orElseGet(() -> form.traced()
                .map(traced -> Length.nearestToMillimetres(width.toMillimetres() * traced.proportion()))
                .orElse(width)), form.traced());
    }
}
