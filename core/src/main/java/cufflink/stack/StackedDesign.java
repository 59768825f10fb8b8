package cufflink.stack;

import cufflink.design.CreaseRef;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.design.Soft;
import cufflink.fold.Assembly;
import cufflink.fold.ClosedDesign;
import cufflink.fold.Decoration;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldedPiece;
import cufflink.fold.Later;
import cufflink.mat.MatLayer;
import cufflink.mat.MatSettings;
import cufflink.mat.MatSizer;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.Papers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * The last stage of a plan's geometry: layers and contents in the closed card, and how thick it is with them.
 *
 * @param mats   every layer to cut
 * @param trim   soft pieces, hardware and ornaments, where they lie on panels
 * @param worn   the closed card, and what is loose, goes into a pocket or round it, in the order of the assemblies,
 *               with the ornaments on it; one that does not close has none
 * @param stacks the same in layers
 */
public record StackedDesign(ClosedDesign closed, List<MatLayer> mats, List<Attached> trim,
        List<Optional<Decoration>> worn, List<Optional<ClosedStack>> stacks) {
    public StackedDesign {
        mats = List.copyOf(mats);
        trim = List.copyOf(trim);
        worn = List.copyOf(worn);
        stacks = List.copyOf(stacks);
    }

    /** The closed design with layers, in these papers; notices where a layer has no room. */
    public static Outcome<StackedDesign> of(ClosedDesign closed, Papers papers, MatSettings settings, RulerStep step) {
        return MatSizer.size(closed.folded().creased(), settings, step).map(mats -> {
            List<Attached> attached = Attachments.of(closed.folded().creased(), mats, papers);
            List<Attached> trim = attached.stream()
                    .filter(one -> one.kind() == StackLayer.Kind.SOFT || one.kind() == StackLayer.Kind.HARDWARE
                            || one.kind() == StackLayer.Kind.ORNAMENT)
                    .toList();
            List<Optional<Decoration>> worn = closed.assemblies().stream()
                    .map(assembly -> assembly.closed().value().map(flat -> Decoration.of(flat, laid(flat, trim))))
                    .toList();
            List<Optional<ClosedStack>> stacks = IntStream.range(0, worn.size()).mapToObj(i -> closed.assemblies()
                    .get(i).closed().value()
                    .map(flat -> stack(closed.design(), papers, flat, attached, worn.get(i).orElseThrow()))).toList();
            return new StackedDesign(closed, mats, trim, worn, stacks);
        });
    }

    private static List<Decoration.Laid> laid(FlatFoldedState flat, List<Attached> trim) {
        Assembly assembly = flat.state().assembly();
        return trim.stream().filter(one -> one.kind() == StackLayer.Kind.ORNAMENT
                && assembly.panels().contains(one.on())).map(one -> one.laid(assembly)).toList();
    }

    private static ClosedStack stack(SizedDesign design, Papers papers, FlatFoldedState closed,
            List<Attached> attached, Decoration worn) {
        Map<String, Length> calipers = new LinkedHashMap<>();
        design.pieces().forEach(piece -> calipers.put(piece.id(), papers.of(piece.material()).caliper()));
        Map<SizedDesign.Pocket, Contents> contents = new LinkedHashMap<>();
        design.pockets().stream().filter(pocket -> has(closed, pocket))
                .forEach(pocket -> design.contents(pocket).ifPresent(item -> contents.put(pocket, item)));
        Set<PanelRef> flaps = design.pockets().stream()
                .flatMap(pocket -> pocket.definition().space().flap().stream()).collect(Collectors.toSet());
        List<Soft> bands = closed.state().assembly().pieces().stream()
                .anyMatch(pattern -> pattern.piece().equals(design.main().id()))
                        ? design.soft().stream().filter(soft -> soft.wind().isPresent()).toList() : List.of();
        return ClosedStackBuilder.build(closed, worn, design.glue(), calipers, attached, contents, flaps, bands);
    }

    private static boolean has(FlatFoldedState closed, SizedDesign.Pocket pocket) {
        return closed.state().position().keySet()
                .containsAll(List.of(pocket.front(), pocket.back()));
    }

    /** The same in a pose: a soft piece that lies otherwise there goes its way of that pose. */
    public List<Attached> trim(String pose) {
        List<Attached> there = new ArrayList<>(trim);
        for (Soft soft : design().soft()) {
            Optional.ofNullable(soft.inPose().get(pose)).ifPresent(way -> {
                there.removeIf(one -> one.kind() == StackLayer.Kind.SOFT && one.id().equals(soft.id()));
                there.addAll(Attachments.along(closed.folded().creased(), soft, way));
            });
        }
        return there;
    }

    /** The closed card; absent while it does not close. */
    public Optional<ClosedStack> stack() {
        return stacks.get(0);
    }

    /** The closed card with its ornaments; absent while it does not close. */
    public Optional<Decoration> decoration() {
        return worn.get(0);
    }

    /** What a piece is joined to, closed, with its ornaments; absent while it does not close. */
    Optional<Decoration> decoration(String piece) {
        return worn.get(closed.assemblies().indexOf(closed.with(piece)));
    }

    /**
     * How thick the closed stack is at a crease: the way round it, the square way; or over a panel at its thickest
     * place. A crease that is not folded goes round nothing. Absent where the piece is not there or does not close.
     */
    public Optional<Length> thickness(CreaseRef at) {
        if (!pieces().containsKey(at.piece())) {
            return Optional.empty();
        }
        boolean isCrease = design().piece(at.piece()).scores().stream()
                .anyMatch(score -> score.id().equals(at.crease()));
        return stack(at.piece()).flatMap(stack -> isCrease
                ? Optional.of(Winding.spine(stack.rounds().getOrDefault(at, ClosedStack.Enclosed.NOTHING).anywhere(),
                        stack.caliper(at.piece())))
                : Optional.ofNullable(stack.over().get(new PanelRef(at.piece(), at.crease()))));
    }

    /** What a piece is joined to, closed; absent while it does not close. */
    public Optional<ClosedStack> stack(String piece) {
        return stacks.get(closed.assemblies().indexOf(closed.with(piece)));
    }

    /** The sized design, with the creases that folding folded paper adds. */
    public SizedDesign design() {
        return closed.design();
    }

    /** What is glued on the card when it stands. */
    public Later later() {
        return closed.later();
    }

    /** Each piece folded by itself, by id, in the order of the design. */
    public Map<String, FoldedPiece> pieces() {
        return closed.folded().pieces();
    }

    /** The pieces of the card joined. */
    public Assembly assembly() {
        return closed.card().assembly();
    }

    /** What a piece is joined to. */
    public Assembly assembly(String piece) {
        return closed.with(piece).assembly();
    }

    /** What a joint is part of: the card as it stands for one that is made later. */
    public Assembly assembly(SizedDesign.Glue joint) {
        return joint.way() == Way.LATER ? later().on(assembly()) : assembly(joint.onto().piece());
    }

    /** The closed card with its order of layers; absent while it does not close. */
    public Optional<FlatFoldedState> flat() {
        return closed.card().closed().value();
    }

    /** What a piece is joined to, closed, with its order of layers; absent while it does not close. */
    public Optional<FlatFoldedState> flat(String piece) {
        return closed.with(piece).closed().value();
    }

    /** The size of the closed card as it is held; empty while it does not close. */
    public Optional<ClosedSize> closedSize() {
        return stack().map(card -> held(design().main().id(),
                new ClosedSize(card.width(), card.height(), card.thickness())));
    }

    /** The same with the ornaments that stand out of it: what goes into an envelope. */
    public Optional<ClosedSize> adornedSize() {
        return stack().map(card -> held(design().main().id(), card.adorned()));
    }

    /**
     * The size of what a piece is joined to, closed and as it is held, with the contents and ornaments that stand out
     * of it; empty while it does not close.
     */
    public Optional<ClosedSize> wholeSize(String piece) {
        return stack(piece).map(card -> held(piece, card.whole()));
    }

    private ClosedSize held(String piece, ClosedSize size) {
        return design().held(piece).isTurned() ? size.turned() : size;
    }

    /** Why a piece does not fold or the card does not close; empty if nothing is wrong. */
    public List<Problem> faults() {
        return closed.faults();
    }
}
