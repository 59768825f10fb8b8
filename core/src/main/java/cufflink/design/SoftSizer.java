package cufflink.design;

import cufflink.design.SizedDesign.Offset;
import cufflink.measure.Length;
import cufflink.words.FormulaWords;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Works out soft pieces and fixings. */
final class SoftSizer {
    private final Worksheet sheet;
    private final Function<DesignDefinition.PanelPlace, PanelRef> panel;
    private final Function<DesignDefinition.Said, SizedDesign.Said> said;

    SoftSizer(Worksheet sheet, Function<DesignDefinition.PanelPlace, PanelRef> panel,
            Function<DesignDefinition.Said, SizedDesign.Said> said) {
        this.sheet = sheet;
        this.panel = panel;
        this.said = said;
    }

    Soft soft(SoftDefinition soft) {
        SoftDefinition.Strand strand = soft.strand();
        return new Soft(sheet.text(soft.id()), sheet.text(soft.label()),
                new Soft.Strand(strand.material(), sheet.length(strand.width()), sheet.length(strand.caliper())),
                way(soft.ways().usual()), inPose(soft.ways().inPose()),
                soft.wind().flatMap(this::wind),
                new Soft.Ends(length(soft.ends().tails(), Length.ZERO), length(soft.ends().bow(), Length.ZERO),
                        soft.ends().length().map(sheet::length), soft.ends().tied()),
                said.apply(soft.said()));
    }

    private List<Soft.Stay> way(List<SoftDefinition.Stay> way) {
        return way.stream().map(stay -> new Soft.Stay(panel.apply(stay.panel()), stay.face().orElse(Face.INSIDE),
                offset(stay.at()), stay.slides())).toList();
    }

    private Map<String, List<Soft.Stay>> inPose(Map<String, List<SoftDefinition.Stay>> ways) {
        Map<String, List<Soft.Stay>> worked = new LinkedHashMap<>();
        ways.forEach((pose, way) -> worked.put(pose, way(way)));
        return worked;
    }

    private Optional<Soft.Wind> wind(SoftDefinition.Wind wind) {
        return round(wind.round()).map(round -> new Soft.Wind(round, wind.under().stream().map(panel).toList()));
    }

    private Optional<Soft.Round> round(Formula formula) {
        String word = sheet.word(formula);
        Optional<Soft.Round> round = Arrays.stream(Soft.Round.values()).filter(one -> one.word().equals(word))
                .findFirst();
        if (round.isEmpty()) {
            sheet.problem(formula, FormulaWords.NO_WAY_ROUND.of("word", word));
        }
        return round;
    }

    Fixing fixing(SoftDefinition.Fixing fixing) {
        SoftDefinition.Sizes sizes = fixing.sizes();
        FixingKind kind = fixing.kind();
        return new Fixing(sheet.text(fixing.id()), sheet.text(fixing.label()), kind,
                panel.apply(fixing.seat().panel()), fixing.seat().face().orElse(Face.OUTSIDE),
                offset(fixing.seat().at()),
                new Fixing.Sizes(length(sizes.hole(), kind.hole()), length(sizes.head(), kind.head()),
                        length(sizes.height(), kind.height()), length(sizes.behind(), kind.behind())),
                said.apply(fixing.said()));
    }

    private Length length(Optional<Formula> formula, Length otherwise) {
        return formula.map(sheet::length).orElse(otherwise);
    }

    private Offset offset(DesignDefinition.Spot at) {
        return new Offset(sheet.length(at.x()), sheet.length(at.y()));
    }
}
