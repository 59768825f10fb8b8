package cufflink.check;

import cufflink.design.Held;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.measure.Measured;
import cufflink.stack.ClosedStack;
import cufflink.stack.PocketSpace;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Is a pocket that the design speaks of one that folds and glue really make: there, open where it is said to be, and as
 * large?
 */
final class PocketLayersJudge implements Judge {
    /** By so much the layers may differ from formulas with roots in them. */
    private static final Length ROUNDING = Length.ofMicrometres(1);

    @Override
    public List<Check> judge(CheckSubject subject) {
        return subject.design().pockets().stream()
                .flatMap(pocket -> subject.stacked().stack(pocket.front().piece()).stream()
                        .map(stack -> judge(subject, stack, pocket)))
                .toList();
    }

    private static Check judge(CheckSubject subject, ClosedStack stack, Pocket pocket) {
        String id = pocket.definition().id() + "-layers";
        String label = pocket.definition().label();
        Optional<Check.Change> change = subject.change(pocket.definition().change());
        if (pocket.definition().space().stuck()) {
            return stuck(subject, stack, pocket, change);
        }
        Optional<PocketSpace> found = found(subject, stack, pocket);
        if (found.isEmpty()) {
            boolean turned = between(stack, pocket.back(), pocket.front()).isPresent();
            return Check.bad(id, Optional.empty(),
                    (turned ? CheckWords.POCKET_THE_OTHER_WAY : CheckWords.NO_POCKET).of("pocket", label, "front",
                            panel(subject, pocket.front()), "back",
                            panel(subject, pocket.back())),
                    change);
        }
        PocketSpace space = found.get();
        Side mouth = stack.flat().state().side(pocket.back(), pocket.definition().open());
        Held held = subject.design().held(pocket.front().piece());
        Side seen = held.seen(mouth);
        if (!space.open().contains(mouth)) {
            return Check.bad(id, Optional.empty(),
                    CheckWords.MOUTH_CLOSED.of("pocket", label, "mouth", seen.word(), "open",
                            words(held, space.open())),
                    change);
        }
        Length less = Length.shorter(space.width(mouth).minus(pocket.width().length()),
                space.depth(mouth).minus(pocket.depth().length()));
        Length spare = less.isNegative() && !less.abs().isLongerThan(ROUNDING) ? Length.ZERO : less;
        Measured width = subject.onRuler(space.width(mouth));
        Measured depth = subject.onRuler(space.depth(mouth));
        return spare.isNegative()
                ? Check.bad(id, Optional.of(spare), CheckWords.POCKET_SMALLER.of("pocket", label, "width", width,
                        "depth", depth, "margin", subject.margin(spare)), change)
                : Check.good(id, spare,
                        CheckWords.POCKET_MADE.of("pocket", label, "closed", words(held, space.closed()), "width",
                                width, "depth", depth, "open", words(held, space.open())));
    }

    /** What is laid on a panel may lie with its back to the front of the card; what the card folds may not. */
    private static Optional<PocketSpace> found(CheckSubject subject, ClosedStack stack, Pocket pocket) {
        PanelRef front = pocket.front();
        PanelRef back = pocket.back();
        boolean laid = subject.design().isOfPart(front.piece()) || subject.design().isOfPart(back.piece())
                || subject.design().glue().stream().anyMatch(glue -> glue.at().isPresent()
                        && Set.of(glue.part(), glue.onto()).equals(Set.of(front, back)));
        return between(stack, front, back)
                .or(() -> laid ? between(stack, back, front) : Optional.empty());
    }

    /** Where glue keeps the contents, one panel before the other is enough. */
    private static Check stuck(CheckSubject subject, ClosedStack stack, Pocket pocket, Optional<Check.Change> change) {
        PanelRef front = pocket.front();
        PanelRef back = pocket.back();
        boolean before = stack.flat().order().indexOf(front) < stack.flat().order().indexOf(back);
        boolean meets = stack.flat().places().overlap(front, back);
        CheckWords code = !meets ? CheckWords.NO_POCKET : before ? CheckWords.HELD_BY_GLUE
                : CheckWords.POCKET_THE_OTHER_WAY;
        return new Check(pocket.definition().id() + "-layers", meets && before ? Verdict.GOOD : Verdict.BAD,
                Optional.empty(), code.of("pocket", pocket.definition().label(), "front", panel(subject, front), "back",
                        panel(subject, back)),
                meets && before ? Optional.empty() : change);
    }

    private static Optional<PocketSpace> between(ClosedStack stack, PanelRef front, PanelRef back) {
        return stack.spaces().stream()
                .filter(space -> space.front().contains(front) && space.behind().contains(back)).findFirst();
    }

    private static String panel(CheckSubject subject, PanelRef panel) {
        return subject.assembly(panel.piece()).panel(panel).label();
    }

    /** As the card is held. */
    private static String words(Held held, Set<Side> sides) {
        return Side.words(sides.stream().map(held::seen).toList());
    }
}
