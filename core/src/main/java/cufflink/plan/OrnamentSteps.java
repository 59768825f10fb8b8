package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.design.Ornament;
import cufflink.measure.Length;
import cufflink.measure.Measured;
import cufflink.stack.OrnamentLie;
import cufflink.stack.OrnamentOutlines;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Putting ornaments on, when all paper is joined, or before where a joint would shut them in: one step for each, in the
 * order in which they lie on each other.
 */
final class OrnamentSteps {
    private final RunSheet sheet;
    private final Workings plan;

    private OrnamentSteps(RunSheet sheet) {
        this.sheet = sheet;
        this.plan = sheet.plan();
    }

    /** Those that nobody could get at any more when everything is joined; they go on before. */
    static void first(RunSheet sheet) {
        OrnamentSteps steps = new OrnamentSteps(sheet);
        steps.lies(true).forEach(steps::put);
    }

    static void write(RunSheet sheet) {
        OrnamentSteps steps = new OrnamentSteps(sheet);
        steps.lies(false).forEach(steps::put);
    }

    private List<OrnamentLie> lies(boolean shutIn) {
        HandReach reach = new HandReach(plan);
        return plan.posed().adornment().lies().stream().filter(lie -> isShutIn(reach, lie.ornament()) == shutIn)
                .toList();
    }

    private boolean isShutIn(HandReach reach, Ornament ornament) {
        CreasePattern pattern = plan.stacked().assembly(ornament.on().piece()).pattern(ornament.on().piece());
        return pattern.panel(ornament.on().panel()).flatMap(panel -> reach.inTheWay(ornament.on(), ornament.face(),
                OrnamentOutlines.on(ornament, pattern, panel), plan.design().glue())).isPresent();
    }

    private void put(OrnamentLie lie) {
        Ornament ornament = lie.ornament();
        String panel = plan.stacked().assembly(ornament.on().piece()).panel(ornament.on()).label();
        List<Message> told = new ArrayList<>();
        told.add(ornament.isRaised()
                ? StepWords.PUT_ON_PADS.of("ornament", ornament.label(), "face", ornament.face().word(), "panel", panel,
                        "height", Measured.of(ornament.height(), plan.format()))
                : StepWords.GLUE_ORNAMENT.of("ornament", ornament.label(), "face", ornament.face().word(), "panel",
                        panel));
        told.add(StepWords.ORNAMENT_LIES.of("across", across(ornament.put().across()), "down",
                down(ornament.put().down())));
        if (ornament.put().turn() != 0) {
            told.add(StepWords.ORNAMENT_TURNED.of("turn",
                    BigDecimal.valueOf(ornament.put().turn()).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros()
                            .toPlainString()));
        }
        if (lie.isPartlyDry()) {
            told.add(lie.over().isEmpty() ? StepWords.STAYS_DRY.of("panel", panel)
                    : StepWords.ORNAMENT_DRY.of("panel", panel, "over",
                            Vocabulary.and(lie.over().stream().map(Numbered::withArticle).toList())));
        }
        List<Reading> readings = new ArrayList<>();
        mark(ornament.id() + " x", ornament.put().across(), "left", "right", panel).ifPresent(readings::add);
        mark(ornament.id() + " y", ornament.put().down(), "top", "bottom", panel).ifPresent(readings::add);
        sheet.add(StepWords.ORNAMENT_ON.of("ornament", ornament.label(), "panel", panel), told, Optional.empty(),
                new StepSubject.OfTrim(ornament.on(), ornament.face(), ornament.id()), readings);
    }

    private Message across(Ornament.Along along) {
        return along(along, "left", "right", StepWords.MIDDLE_ACROSS, StepWords.BESIDE_MIDDLE);
    }

    private Message down(Ornament.Along along) {
        return along(along, "top", "bottom", StepWords.MIDDLE_DOWN, StepWords.BELOW_MIDDLE);
    }

    private Message along(Ornament.Along along, String low, String high, StepWords middle, StepWords off) {
        Length by = along.by();
        if (along.from() == Ornament.Anchor.MIDDLE) {
            boolean before = by.isNegative();
            return by.equals(Length.ZERO) ? middle.of()
                    : off.of("by", Measured.of(by.abs(), plan.project().step()), "side", before ? low : high);
        }
        String edge = along.from() == Ornament.Anchor.START ? low : high;
        return by.equals(Length.ZERO) ? StepWords.EDGE_ON_EDGE.of("edge", edge)
                : (by.isNegative() ? StepWords.EDGE_PAST : StepWords.EDGE_INSIDE).of("edge", edge, "by",
                        Measured.of(by.abs(), plan.project().step()));
    }

    /** What is measured from an edge; a middle is found without a number. */
    private Optional<Reading> mark(String id, Ornament.Along along, String low, String high, String panel) {
        return along.from() == Ornament.Anchor.MIDDLE || along.by().equals(Length.ZERO) ? Optional.empty()
                : Optional.of(sheet.place(id,
                        (along.from() == Ornament.Anchor.START ? low : high) + " edge of "
                                + Numbered.withArticle(panel),
                        along.by()));
    }
}
