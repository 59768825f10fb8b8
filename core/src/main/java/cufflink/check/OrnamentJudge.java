package cufflink.check;

import cufflink.design.Ornament;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.problem.Problem;
import cufflink.stack.Adornment.FreePlace;
import cufflink.stack.Adornment;
import cufflink.stack.OrnamentLie;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Does every ornament hold on its panel, stay inside the closed card and out of the way of folds, glue, contents and
 * poses? Which lie over one another, and is a place left for a few words?
 */
final class OrnamentJudge implements Judge {
    /** So much of it must lie on its panel (a rule of the thumb, no published source). */
    private static final double LEAST_SHARE = 0.15;
    private static final LengthFormat MILLIMETRES = LengthFormat.of(LengthUnit.MILLIMETRE);

    @Override
    public List<Check> judge(CheckSubject subject) {
        Adornment adornment = subject.posed().adornment();
        List<Check> checks = new ArrayList<>();
        adornment.lost().forEach(ornament -> checks.add(Check.bad(id(ornament), Optional.empty(),
                CheckWords.ORNAMENT_ON_NO_PANEL.of("ornament", ornament.label(), "panel", ornament.on()),
                Optional.empty())));
        adornment.lies().forEach(lie -> judge(subject, lie, checks));
        if (checks.isEmpty() && !adornment.lies().isEmpty() && subject.stack().isPresent()) {
            checks.add(Check.good("ornaments",
                    CheckWords.ORNAMENTS_LIE_WELL.of("count", adornment.lies().size())));
        }
        adornment.lies().stream().filter(OrnamentLie::isPartlyDry)
                .forEach(lie -> checks.add(Check.good(id(lie.ornament()) + "-dry", dry(subject, lie))));
        adornment.meetings().forEach(meeting -> checks.add(meeting(subject, meeting)));
        if (!adornment.lies().isEmpty() && subject.stack().isPresent()) {
            checks.add(free(subject, adornment.free()));
        }
        return checks;
    }

    private static String id(Ornament ornament) {
        return "ornament-" + ornament.id();
    }

    private static String panel(CheckSubject subject, Ornament ornament) {
        return subject.assembly(ornament.on().piece()).panel(ornament.on()).label();
    }

    private static void judge(CheckSubject subject, OrnamentLie lie, List<Check> checks) {
        Ornament ornament = lie.ornament();
        String id = id(ornament);
        for (Map.Entry<String, Problem> way : lie.inTheWay().entrySet()) {
            checks.add(Check.bad(id + "-" + way.getKey(), Optional.empty(),
                    CheckWords.ORNAMENT_IN_THE_WAY.of("ornament", ornament.label(), "state", way.getKey(), "problem",
                            way.getValue().message()),
                    Optional.empty()));
        }
        lie.mouths().forEach(pocket -> checks.add(Check.bad(id + "-mouth", Optional.empty(),
                CheckWords.ORNAMENT_CLOSES_MOUTH.of("ornament", ornament.label(), "pocket", pocket),
                Optional.empty())));
        if (lie.share() < LEAST_SHARE) {
            checks.add(Check.bad(id + "-holds", Optional.empty(),
                    CheckWords.ORNAMENT_HARDLY_HELD.of("share", Math.round(lie.share() * 100), "ornament",
                            ornament.label(), "panel", panel(subject, ornament)),
                    Optional.empty()));
        }
        if (!lie.pokes().isEmpty()) {
            Length most = lie.pokes().values().stream().max(Length::compareTo).orElseThrow();
            checks.add(new Check(id, Verdict.WATCH, Optional.of(Length.ZERO.minus(most)),
                    CheckWords.ORNAMENT_POKES_OUT.of("ornament", ornament.label(), "sides", sides(subject, lie)),
                    Optional.empty()));
        }
    }

    /** Such as "3 mm at the right and 2 mm at the top"; never less than it is. */
    private static String sides(CheckSubject subject, OrnamentLie lie) {
        List<String> sides = new ArrayList<>();
        for (Side side : Side.values()) {
            Optional.ofNullable(lie.pokes().get(side)).ifPresent(by -> sides.add(CheckWords.BY_AT_SIDE
                    .of("by", subject.exact(subject.step().up(by)), "side", side.word()).sentence()));
        }
        return Vocabulary.and(sides);
    }

    private static Message dry(CheckSubject subject, OrnamentLie lie) {
        Ornament ornament = lie.ornament();
        String panel = panel(subject, ornament);
        return lie.over().isEmpty()
                ? CheckWords.ORNAMENT_REACHES_PAST.of("ornament", ornament.label(), "panel", panel)
                : CheckWords.ORNAMENT_KEEPS_DRY.of("ornament", ornament.label(), "panel", panel, "over",
                        Vocabulary.and(lie.over().stream().map(Numbered::withArticle).toList()));
    }

    private static Check meeting(CheckSubject subject, Adornment.Meeting meeting) {
        boolean posted = subject.envelope().isPresent() || subject.posted().isPresent();
        boolean raised = meeting.one().isRaised() && meeting.other().isRaised();
        CheckWords code = raised && posted ? CheckWords.PADS_MEET : CheckWords.ORNAMENTS_MEET;
        return new Check(id(meeting.one()) + "-" + meeting.other().id(),
                raised && posted ? Verdict.WATCH : Verdict.GOOD, Optional.empty(),
                code.of("one", meeting.one().label(), "other", meeting.other().label(), "thickness",
                        Measured.of(meeting.thickness(), MILLIMETRES)),
                Optional.empty());
    }

    private static Check free(CheckSubject subject, Optional<FreePlace> free) {
        boolean enough = free.filter(FreePlace::takesWords).isPresent();
        Object size = free.map(place -> subject.format().size(subject.step().down(place.width()),
                subject.step().down(place.height()))).orElse("0");
        return enough
                ? Check.good("sentiment", CheckWords.WORDS_HAVE_A_PLACE.of("size", size, "panel",
                        subject.assembly(free.get().panel().piece()).panel(free.get().panel()).label()))
                : new Check("sentiment", Verdict.WATCH, Optional.empty(),
                        CheckWords.NO_PLACE_FOR_WORDS.of("size", size), Optional.empty());
    }
}
