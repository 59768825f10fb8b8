package cufflink.check;

import cufflink.measure.Length;
import cufflink.stack.SoftWay;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Does every soft piece lie on its panels, go through no paper, and reach in the closed card and in every pose? */
final class SoftJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        subject.soft().forEach(soft -> judge(subject, soft, checks));
        // Of ribbons alike, one speaks for all.
        Set<Message> said = new HashSet<>();
        checks.removeIf(check -> !said.add(check.message()));
        return checks;
    }

    private static void judge(CheckSubject subject, SoftWay way, List<Check> checks) {
        String id = "soft-" + way.soft().id();
        String label = way.soft().label();
        if (!way.beside().isEmpty()) {
            checks.add(Check.bad(id + "-beside", Optional.empty(),
                    CheckWords.SOFT_BESIDE.of("soft", label, "points", way.beside()), Optional.empty()));
        }
        if (!way.pierces().isEmpty()) {
            checks.add(Check.bad(id + "-pierces", Optional.empty(),
                    CheckWords.SOFT_PIERCES.of("soft", label, "points", way.pierces()), Optional.empty()));
        }
        Optional<SoftWay.Lie> tightest = way.lies().stream().min(Comparator.comparing(SoftWay.Lie::slack));
        Optional<SoftWay.Lie> loosest = way.lies().stream().max(Comparator.comparing(SoftWay.Lie::slack));
        if (tightest.filter(lie -> lie.slack().isNegative()).isPresent()) {
            Length lack = tightest.get().slack();
            checks.add(Check.bad(id, Optional.of(lack),
                    CheckWords.SOFT_TOO_SHORT.of("soft", label, "lack", subject.margin(lack), "state",
                            tightest.get().state(), "wanted",
                            subject.exact(subject.step().up(way.length().minus(lack)))),
                    Optional.empty()));
        } else {
            loosest.ifPresent(lie -> checks.add(Check.good(id, tightest.get().slack(),
                    way.lies().size() == 1
                            ? CheckWords.SOFT_REACHES_CLOSED.of("soft", label, "length", subject.exact(way.length()))
                            : CheckWords.SOFT_REACHES.of("soft", label, "length", subject.exact(way.length()), "slack",
                                    subject.onRuler(lie.slack()), "state", lie.state()))));
        }
    }
}
