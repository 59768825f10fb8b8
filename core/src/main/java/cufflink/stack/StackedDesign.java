package cufflink.stack;

import cufflink.design.Held;
import cufflink.design.SizedDesign;
import cufflink.fold.Assembly;
import cufflink.fold.ClosedDesign;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedPiece;
import cufflink.mat.MatLayer;
import cufflink.mat.MatSettings;
import cufflink.mat.MatSizer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.PaperRole;
import cufflink.paper.Papers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The last stage of a plan's geometry: layers and contents in the closed card, and how thick it is with them.
 *
 * @param mats  every layer to cut
 * @param stack the closed card; absent while it does not close
 */
public record StackedDesign(ClosedDesign closed, List<MatLayer> mats, Optional<ClosedStack> stack) {
    public StackedDesign {
        mats = List.copyOf(mats);
    }

    /** The closed design with layers, in these papers; notices where a layer has no room. */
    public static Outcome<StackedDesign> of(ClosedDesign closed, Papers papers, MatSettings settings, RulerStep step) {
        return MatSizer.size(closed.folded().creased(), settings, step).map(mats -> new StackedDesign(closed, mats,
                closed.closed().value().map(flat -> stack(closed.design(), papers, flat, mats))));
    }

    private static ClosedStack stack(SizedDesign design, Papers papers, FlatFoldedState closed, List<MatLayer> mats) {
        Map<String, Length> calipers = new LinkedHashMap<>();
        design.pieces().forEach(piece -> calipers.put(piece.id(), papers.of(piece.material()).caliper()));
        List<Attached> attached = mats.stream().map(mat -> new Attached(mat.on().on(), mat.on().face(), mat.outline(),
                papers.of(PaperRole.layer(mat.layer())).caliper(), mat.label(), mat.layer())).toList();
        Map<SizedDesign.Pocket, Contents> contents = new LinkedHashMap<>();
        design.pockets()
                .forEach(pocket -> design.contents(pocket).ifPresent(item -> contents.put(pocket, item)));
        return ClosedStackBuilder.build(closed, design.glue(), calipers, attached, contents);
    }

    /** The sized design, with the creases that folding folded paper adds. */
    public SizedDesign design() {
        return closed.design();
    }

    /** Each piece folded by itself, by id, in the order of the design. */
    public Map<String, FoldedPiece> pieces() {
        return closed.folded().pieces();
    }

    /** The pieces joined. */
    public Assembly assembly() {
        return closed.assembly();
    }

    /** The closed card with its order of layers; absent while it does not close. */
    public Optional<FlatFoldedState> flat() {
        return closed.closed().value();
    }

    /** The size of the closed card as it is held; empty while it does not close. */
    public Optional<ClosedSize> closedSize() {
        Held held = design().definition().held();
        return stack.map(card -> new ClosedSize(held.isTurned() ? card.height() : card.width(),
                held.isTurned() ? card.width() : card.height(), card.thickness()));
    }

    /** Why a piece does not fold or the card does not close; empty if nothing is wrong. */
    public List<Problem> faults() {
        return closed.faults();
    }
}
