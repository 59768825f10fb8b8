package cufflink.check;

import cufflink.design.DesignDefinition.Role;
import cufflink.design.SizedDesign.Pocket;
import cufflink.fit.PocketFit;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
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
            PocketFit.contents(subject.design(), pocket).ifPresent(item -> judge(subject, pocket, item, checks));
        }
        return checks;
    }

    private static void judge(CheckSubject subject, Pocket pocket, Contents item, List<Check> checks) {
        LengthFormat format = subject.format();
        PocketFit fit = PocketFit.of(pocket, item);
        String id = pocket.definition().id();
        String label = pocket.definition().label();
        Optional<Check.Change> change = subject.change(pocket.definition().change());
        checks.add(judgement(id + "-width", fit.width(),
                label + " is " + format.text(pocket.width().length()) + " wide for a " + item.name() + " of " + format.text(item.width()),
                "Make the card wider.", subject.change(subject.design().definition().measure(Role.FINISHED_WIDTH)
                        .map(measure -> measure.name()).orElse("")), format));
        checks.add(judgement(id + "-room", fit.room(),
                "The " + item.name() + ", " + format.text(item.height()) + " high, has " + format.text(pocket.room().length()) + " before it passes the edge",
                "Make the pocket deeper or the contents smaller.", change, format));
        checks.add(judgement(id + "-depth", fit.held(),
                label + " is " + format.text(pocket.depth().length()) + " deep; a third of the " + item.name() + " must sit in it",
                "Make the pocket deeper.", change, format));
        String reach = format.text(Length.longer(pocket.reach().length(), Length.ZERO)) + " of the " + item.name() + " can be gripped; "
                + format.text(pocket.reachWanted()) + " is good";
        checks.add(fit.reach().isNegative()
                ? new Check(id + "-reach", Verdict.WATCH, Optional.of(fit.reach()), reach + ".", "Deepen the notch or make the pocket shallower.", change)
                : Check.good(id + "-reach", fit.reach(), reach + "."));
    }

    private static Check judgement(String id, Length margin, String found, String remedy, Optional<Check.Change> change, LengthFormat format) {
        return margin.isNegative()
                ? Check.bad(id, Optional.of(margin), found + ": " + format.text(margin.abs()) + " too little.", remedy, change)
                : Check.good(id, margin, found + ": " + format.text(margin) + " to spare.");
    }
}
