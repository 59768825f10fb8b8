package cufflink.check;

import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.stack.ClosedStack;
import cufflink.stack.PocketSpace;
import cufflink.words.CheckWords;
import cufflink.measure.Measured;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Is a pocket that the design speaks of one that folds and glue really make: there, open where it is said to be, and as
 * large?
 */
final class PocketLayersJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        return subject.stack()
                .map(stack -> subject.design().pockets().stream().map(pocket -> judge(subject, stack, pocket)).toList())
                .orElse(List.of());
    }

    private static Check judge(CheckSubject subject, ClosedStack stack, Pocket pocket) {
        String id = pocket.definition().id() + "-layers";
        String label = pocket.definition().label();
        Optional<Check.Change> change = subject.change(pocket.definition().change());
        Optional<PocketSpace> found = between(stack, pocket.definition().front(), pocket.definition().back());
        if (found.isEmpty()) {
            boolean turned = between(stack, pocket.definition().back(), pocket.definition().front()).isPresent();
            return Check.bad(id, Optional.empty(),
                    (turned ? CheckWords.POCKET_THE_OTHER_WAY : CheckWords.NO_POCKET).of("pocket", label, "front",
                            panel(stack, pocket, true), "back",
                            panel(stack, pocket, false)),
                    change);
        }
        PocketSpace space = found.get();
        Side mouth = stack.flat().state().side(pocket.definition().back(), pocket.definition().open());
        Side seen = subject.design().definition().held().seen(mouth);
        if (!space.open().contains(mouth)) {
            return Check.bad(id, Optional.empty(),
                    CheckWords.MOUTH_CLOSED.of("pocket", label, "mouth", seen.word(), "open",
                            words(subject, space.open())),
                    change);
        }
        Length spare = Length.shorter(space.width(mouth).minus(pocket.width().length()),
                space.depth(mouth).minus(pocket.depth().length()));
        Measured width = subject.onRuler(space.width(mouth));
        Measured depth = subject.onRuler(space.depth(mouth));
        return spare.isNegative()
                ? Check.bad(id, Optional.of(spare), CheckWords.POCKET_SMALLER.of("pocket", label, "width", width,
                        "depth", depth, "margin", subject.margin(spare)), change)
                : Check.good(id, spare,
                        CheckWords.POCKET_MADE.of("pocket", label, "closed", words(subject, space.closed()), "width",
                                width, "depth", depth, "open", words(subject, space.open())));
    }

    private static Optional<PocketSpace> between(ClosedStack stack, PanelRef front, PanelRef back) {
        return stack.spaces().stream()
                .filter(space -> space.front().contains(front) && space.behind().contains(back)).findFirst();
    }

    private static String panel(ClosedStack stack, Pocket pocket, boolean front) {
        return stack.flat().state().assembly().panel(front ? pocket.definition().front() : pocket.definition().back())
                .label();
    }

    /** As the card is held. */
    private static String words(CheckSubject subject, Set<Side> sides) {
        return Side.words(sides.stream().map(subject.design().definition().held()::seen).toList());
    }
}
