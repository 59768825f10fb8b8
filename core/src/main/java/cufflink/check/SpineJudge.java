package cufflink.check;

import cufflink.design.CreaseRef;
import cufflink.design.Facts;
import cufflink.design.Measure;
import cufflink.design.Score;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.stack.ClosedStack;
import cufflink.stack.Winding;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Does a single score have to go round more than it can? Is a spine as wide as the way round what lies in it? See
 * {@link Winding}.
 */
final class SpineJudge implements Judge {
    /** A single score of ordinary card closes round this much (common practice). */
    private static final Length SINGLE_SCORE = Length.ofMicrometres(2500);
    /** What a fold goes round shows at its edges from here on: as much as careful cutting is off (common practice). */
    private static final Length NOTICED = Length.ofInches(1, 64);
    private static final Length TENTH = Length.ofMicrometres(100);
    /** Edges that far apart are trimmed after folding (common practice). */
    private static final Length MUCH = Length.ofMillimetres(1);
    /** A spine may be so much wider and still look filled (common practice). */
    private static final Length HOLLOW = Length.ofMillimetres(3);

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        subject.stacked().stacks().stream().flatMap(Optional::stream)
                .forEach(stack -> stack.rounds().forEach((crease, round) -> {
                    Length width = subject.design().piece(crease.piece()).scores().stream()
                            .filter(score -> score.id().equals(crease.crease())).findFirst().map(Score::width)
                            .orElse(Length.ZERO);
                    if (width.isPositive()) {
                        checks.add(spine(subject, stack, crease, width, round.anywhere()));
                    } else if (round.beside().isLongerThan(SINGLE_SCORE)) {
                        checks.add(single(subject, stack, crease, round.beside()));
                    } else {
                        creep(subject, crease, round.paper()).ifPresent(checks::add);
                    }
                }));
        return checks;
    }

    /**
     * By how much the leaves of a fold end short of the paper that lies in it; less than what cutting gives is not
     * told.
     */
    private static Optional<Check> creep(CheckSubject subject, CreaseRef crease, Length paper) {
        Length creep = Winding.creep(paper);
        String id = "creep-" + crease;
        return NOTICED.isLongerThan(creep) ? Optional.empty()
                : Optional.of(MUCH.isLongerThan(creep)
                        ? Check.good(id, MUCH.minus(creep),
                                CheckWords.CREEPS_A_LITTLE.of("crease", crease.crease(), "thickness",
                                        millimetres(paper), "creep", millimetres(creep.upTo(TENTH))))
                        : Check.watch(id, Optional.of(MUCH.minus(creep)),
                                CheckWords.CREEPS.of("crease", crease.crease(), "thickness", millimetres(paper),
                                        "creep", subject.onRuler(creep))));
    }

    private static Check single(CheckSubject subject, ClosedStack stack, CreaseRef crease, Length enclosed) {
        return Check.watch("spine-" + crease, Optional.of(SINGLE_SCORE.minus(enclosed)),
                CheckWords.GOES_ROUND.of("crease", crease.crease(), "thickness", millimetres(enclosed), "creep",
                        subject.onRuler(Winding.creep(enclosed)), "apart",
                        subject.exact(subject.step().up(Winding.spine(enclosed, stack.caliper(crease.piece()))))));
    }

    private static Check spine(CheckSubject subject, ClosedStack stack, CreaseRef crease, Length width,
            Length enclosed) {
        Length needed = Winding.spine(enclosed, stack.caliper(crease.piece()));
        Length margin = width.minus(needed);
        String id = "spine-" + crease;
        if (margin.isNegative()) {
            return Check.bad(id, Optional.of(margin),
                    CheckWords.SPINE_TOO_NARROW.of("spine", crease.crease(), "width", subject.exact(width), "way",
                            millimetres(needed), "wanted", subject.exact(subject.step().up(needed))),
                    change(subject, crease));
        }
        return HOLLOW.isLongerThan(margin)
                ? Check.good(id, margin, CheckWords.SPINE_GOES_ROUND.of("spine", crease.crease(), "width",
                        subject.exact(width), "way", millimetres(needed)))
                : Check.watch(id, Optional.of(HOLLOW.minus(margin)),
                        CheckWords.SPINE_HOLLOW.of("spine", crease.crease(), "width", subject.exact(width), "way",
                                millimetres(needed), "wanted", subject.exact(subject.step().up(needed))));
    }

    private static Optional<Check.Change> change(CheckSubject subject, CreaseRef crease) {
        return Facts.measure(subject.design().definition(), crease).map(Measure::name)
                .flatMap(subject::change);
    }

    /** Paper and what lies in it is measured in millimetres by everybody. */
    private static Measured millimetres(Length length) {
        return Measured.of(length, LengthFormat.of(LengthUnit.MILLIMETRE));
    }
}
