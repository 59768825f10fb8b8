package cufflink.check;

import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign.Pocket;
import cufflink.fit.PocketFit;
import cufflink.measure.Length;
import cufflink.paper.Contents;
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
        checks.add(judgement(id + "-width", fit.width(),
                label + " is " + subject.onRuler(pocket.width().length()) + " wide for a " + item.name() + " of "
                        + subject.onRuler(item.width()),
                "Make the card wider.", subject.change(subject.design().definition().measure(Role.FINISHED_WIDTH)
                        .map(measure -> measure.name()).orElse("")),
                subject));
        checks.add(judgement(id + "-room", fit.room(),
                "The " + item.name() + ", " + subject.onRuler(item.height()) + " high, has "
                        + subject.onRuler(pocket.room().length()) + " before it passes the edge",
                "Make the pocket deeper or the contents smaller.", change, subject));
        checks.add(judgement(id + "-depth", fit.held(),
                label + " is " + subject.onRuler(pocket.depth().length()) + " deep; a third of the " + item.name()
                        + " must sit in it",
                "Make the pocket deeper.", change, subject));
        String reach = subject.onRuler(Length.longer(pocket.reach().length(), Length.ZERO)) + " of the " + item.name()
                + " can be gripped; "
                + subject.onRuler(pocket.reachWanted()) + " is good";
        checks.add(fit.reach().isNegative()
                ? new Check(id + "-reach", Verdict.WATCH, Optional.of(fit.reach()), reach + ".",
                        "Deepen the notch or make the pocket shallower.", change)
                : Check.good(id + "-reach", fit.reach(), reach + "."));
    }

    private static Check judgement(String id, Length margin, String found, String remedy, Optional<Check.Change> change,
            CheckSubject subject) {
        return margin.isNegative()
                ? Check.bad(id, Optional.of(margin), found + ": " + subject.margin(margin) + " too little.", remedy,
                        change)
                : Check.good(id, margin, found + ": " + subject.margin(margin) + " to spare.");
    }
}
