package cufflink.check;

import cufflink.design.Measure.Role;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Pocket;
import cufflink.design.Soft;
import cufflink.fit.PocketFit;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Do the contents go in, stay inside, and come out again? */
final class PocketJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        for (Pocket pocket : subject.design().pockets()) {
            subject.design().contents(pocket).ifPresent(item -> judge(subject, pocket, item, checks));
        }
        return checks;
    }

    private static void judge(CheckSubject subject, Pocket pocket, Contents item, List<Check> checks) {
        PocketFit fit = PocketFit.of(pocket, item, subject.step().unit());
        String id = pocket.definition().id();
        String label = pocket.definition().label();
        Optional<Check.Change> change = subject.change(pocket.definition().change());
        boolean stuck = pocket.definition().space().stuck();
        if (!stuck) {
            checks.add(judgement(id + "-width", fit.width(),
                    width(pocket, fit.width().isNegative()).of("pocket", label,
                            "width", subject.onRuler(pocket.width().length()), "item", item.name(), "needs",
                            subject.onRuler(item.width()), "margin", subject.margin(fit.width())),
                    subject.design().definition().measure(Role.FINISHED_WIDTH)
                            .flatMap(measure -> subject.change(measure.name()))));
        }
        checks.add(judgement(id + "-room", fit.room(),
                (fit.room().isNegative() ? CheckWords.NOT_ROOM_ENOUGH : CheckWords.ROOM_ENOUGH).of("item", item.name(),
                        "height", subject.onRuler(item.height()), "room", subject.onRuler(pocket.room().length()),
                        "margin", subject.margin(fit.room())),
                change));
        checks.add(judgement(id + "-depth", fit.held(),
                (fit.held().isNegative() ? CheckWords.NOT_DEEP_ENOUGH : CheckWords.DEEP_ENOUGH).of("pocket", label,
                        "depth", subject.onRuler(pocket.depth().length()), "item", item.name(), "margin",
                        subject.margin(fit.held())),
                change));
        if (!stuck) {
            checks.add(reach(subject, pocket, item, fit.reach(), change));
        }
    }

    private static CheckWords width(Pocket pocket, boolean lacks) {
        return pocket.definition().space().corner() ? lacks ? CheckWords.CORNER_TOO_SMALL
                : CheckWords.CORNER_LARGE_ENOUGH
                : lacks ? CheckWords.NOT_WIDE_ENOUGH : CheckWords.WIDE_ENOUGH;
    }

    /** How far a loop of ribbon stands out at the upper end of what lies in a pocket. */
    private static Length pull(CheckSubject subject, Pocket pocket) {
        return subject.design().puts().stream().map(SizedDesign.PutStep::part)
                .filter(part -> part.has(pocket.definition().holds()))
                .flatMap(part -> subject.soft().stream().filter(way -> isLoopOver(way.soft(), part)))
                .flatMap(way -> way.lies().stream().limit(1))
                .map(lie -> Length.ofNanometres(lie.slack().nanometres() / 2)).reduce(Length.ZERO, Length::longer);
    }

    private static boolean isLoopOver(Soft soft, PartDefinition part) {
        return soft.way().stream().anyMatch(stay -> stay.slides() && part.has(stay.panel().piece())
                && stay.at().y().equals(Length.ZERO));
    }

    private static Check reach(CheckSubject subject, Pocket pocket, Contents item, Length ofItem,
            Optional<Check.Change> change) {
        Length pull = pull(subject, pocket);
        Length margin = ofItem.plus(pull);
        boolean hard = margin.isNegative();
        Message reach = (hard ? CheckWords.HARD_TO_GRIP : CheckWords.CAN_BE_GRIPPED).of("reach",
                subject.onRuler(Length.longer(pocket.reach().length().plus(pull), Length.ZERO)), "item", item.name(),
                "wanted",
                subject.onRuler(pocket.reachWanted()));
        return new Check(pocket.definition().id() + "-reach", hard ? Verdict.WATCH : Verdict.GOOD, Optional.of(margin),
                reach, hard ? change : Optional.empty());
    }

    private static Check judgement(String id, Length margin, Message message, Optional<Check.Change> change) {
        return margin.isNegative() ? Check.bad(id, Optional.of(margin), message, change)
                : Check.good(id, margin, message);
    }
}
