package cufflink.check;

import cufflink.design.Side;
import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.stack.ClosedStack;
import cufflink.stack.PocketSpace;
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
        Optional<PocketSpace> found = stack.spaces().stream()
                .filter(space -> space.front().contains(pocket.definition().front())
                        && space.behind().contains(pocket.definition().back()))
                .findFirst();
        if (found.isEmpty()) {
            return Check.bad(id, Optional.empty(),
                    label + " is none: between the " + panel(stack, pocket, true) + " and the "
                            + panel(stack, pocket, false)
                            + " fewer than two sides are closed by a fold or glue, or nothing is open.",
                    "Glue its edges, and leave its mouth dry.", change);
        }
        PocketSpace space = found.get();
        Side mouth = stack.flat().state().side(pocket.definition().back(), pocket.definition().open());
        Side seen = subject.design().definition().held().seen(mouth);
        if (!space.open().contains(mouth)) {
            return Check.bad(id, Optional.empty(),
                    label + " should open at the " + seen.word()
                            + "; the layers close it there and leave it open at the " + words(subject, space.open())
                            + ".",
                    "Leave the glue off at the " + seen.word() + ".", change);
        }
        Length spare = Length.shorter(space.width(mouth).minus(pocket.width().length()),
                space.depth(mouth).minus(pocket.depth().length()));
        String size = subject.onRuler(space.width(mouth)) + " × " + subject.onRuler(space.depth(mouth)) + " deep";
        return spare.isNegative()
                ? Check.bad(id, Optional.of(spare),
                        label + " is " + size + " between its folds and glue, " + subject.margin(spare)
                                + " less than its measures say.",
                        "Make the pocket's panels larger.", change)
                : Check.good(id, spare, label + " is closed by folds and glue at the " + words(subject, space.closed())
                        + ", " + size + ", and open at the " + words(subject, space.open()) + ".");
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
