package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.DesignSizer;
import cufflink.design.Facts;
import cufflink.design.Given;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.fold.ClosedDesign;
import cufflink.fold.FoldedDesign;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.ClosedSize;
import cufflink.stack.PartSizes;
import cufflink.stack.StackedDesign;
import cufflink.words.DesignWords;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The stages of a plan: sized → creased → folded → closed → stacked. Where measures ask for what later stages find out,
 * the stages run again until no measure changes on the ruler.
 */
final class Stages {
    private static final int MOST_ROUNDS = 16;

    private final Project project;
    private final Map<Alone, Optional<StackedDesign>> closed = new HashMap<>();

    Stages(Project project) {
        this.project = project;
    }

    /** The design at what is given, every fact that its measures ask for being true of it. */
    Outcome<SizedDesign> sized(Given given) {
        return sized(given, true);
    }

    /** The same, but what goes round the card keeps the size that is taken before anything is known. */
    Outcome<SizedDesign> tried(Given given) {
        return sized(given, false);
    }

    /** What a design that was worked out tells its own measures. */
    Facts facts(SizedDesign sized) {
        return facts(sized, true);
    }

    private Outcome<SizedDesign> sized(Given given, boolean withRounds) {
        Outcome<SizedDesign> sized = DesignSizer.size(project.design(), given);
        if (Facts.asking(project.design()).isEmpty()) {
            return sized;
        }
        for (int round = 0; round < MOST_ROUNDS; round++) {
            if (sized.value().isEmpty()) {
                return sized;
            }
            SizedDesign before = sized.value().get();
            // What lies in pockets needs nothing of the card, which needs it; the card is closed when that is known.
            boolean first = round == 0 && before.puts().stream().anyMatch(put -> !put.part().isAround());
            Facts facts = first ? folded(Facts.NONE, before, new OneByOne(before)) : facts(before, withRounds);
            sized = DesignSizer.size(project.design(), given.knowing(facts));
            if (!first && sized.value().filter(after -> after.measures().sameValues(before.measures())).isPresent()) {
                return sized;
            }
        }
        return Outcome.failed(Problem.error(project.design().title(),
                DesignWords.DOES_NOT_SETTLE.of("measures", asking())));
    }

    private List<String> asking() {
        return Facts.asking(project.design()).stream()
                .map(name -> "“" + project.design().measure(name).orElseThrow().label() + "”").toList();
    }

    /**
     * What the measures ask for: panels are known when their piece is creased, what lies in pockets or is gone round
     * when it is closed. What does not close tells nothing of itself; its later stages say why.
     */
    private Facts facts(SizedDesign sized, boolean withRounds) {
        Facts facts = Facts.NONE;
        OneByOne sizes = new OneByOne(sized);
        if (Facts.areOfCard(project.design())) {
            facts = sizes.card().map(size -> Facts.closed(size.width(), size.height(), size.thickness()))
                    .orElse(facts);
        }
        Map<String, Optional<CreasePattern>> patterns = new HashMap<>();
        for (PanelRef panel : Facts.panels(project.design())) {
            Optional<Panel> found = patterns.computeIfAbsent(panel.piece(), id -> pattern(sized, id))
                    .flatMap(pattern -> pattern.panel(panel.panel()));
            if (found.isPresent()) {
                facts = facts.with(panel, found.get().width(), found.get().height());
            }
        }
        for (CreaseRef at : Facts.stacks(project.design())) {
            Facts before = facts;
            facts = sizes.stack(at).map(thickness -> before.withStack(at, thickness)).orElse(before);
        }
        facts = folded(facts, sized, sizes);
        PartSizes parts = new PartSizes(sized, sizes);
        for (SizedDesign.PutStep put : sized.puts()) {
            PartDefinition part = put.part();
            Facts known = facts;
            facts = !part.isAround() || !withRounds ? known
                    : parts.inside(part)
                            .map(size -> known.withInside(part.name(), size.width(), size.height(), size.thickness()))
                            .orElse(known);
        }
        return facts;
    }

    /** These facts and how large the parts are that lie in pockets. */
    private static Facts folded(Facts facts, SizedDesign sized, OneByOne sizes) {
        PartSizes parts = new PartSizes(sized, sizes);
        Facts all = facts;
        for (SizedDesign.PutStep put : sized.puts()) {
            PartDefinition part = put.part();
            Facts known = all;
            all = part.isAround() ? known
                    : parts.folded(part).map(size -> known.withFolded(part.name(), size.width(), size.height(),
                            size.thickness(), size.rim())).orElse(known);
        }
        return all;
    }

    private static Optional<CreasePattern> pattern(SizedDesign sized, String id) {
        return sized.pieces().stream().filter(piece -> piece.id().equals(id)).findFirst()
                .flatMap(piece -> CreasePatternBuilder.build(piece).value());
    }

    /**
     * The card and its parts, each closed by itself when it is asked for: while a size is sought, most parts stay as
     * they were.
     */
    private final class OneByOne implements PartSizes.Sizes {
        private final SizedDesign sized;
        private Optional<Optional<StackedDesign>> card = Optional.empty();

        OneByOne(SizedDesign sized) {
            this.sized = sized;
        }

        @Override
        public Optional<ClosedSize> card() {
            return stackedCard().flatMap(StackedDesign::adornedSize);
        }

        private Optional<StackedDesign> stackedCard() {
            if (card.isEmpty()) {
                SizedDesign alone = sized.only(piece -> sized.apart(piece).isEmpty());
                card = Optional.of(closed.computeIfAbsent(new Alone(alone), none -> stacked(alone).value()));
            }
            return card.get();
        }

        @Override
        public Optional<ClosedSize> part(PartDefinition part) {
            return stackedPart(part).flatMap(stacked -> stacked.wholeSize(stacked.design().main().id()));
        }

        private Optional<StackedDesign> stackedPart(PartDefinition part) {
            SizedDesign alone = sized.only(piece -> sized.apart(piece).filter(part::equals).isPresent());
            return closed.computeIfAbsent(new Alone(alone), none -> stacked(alone).value());
        }

        /** See {@link StackedDesign#thickness}. */
        Optional<Length> stack(CreaseRef at) {
            return (sized.apart(at.piece()).isPresent() ? stackedPart(sized.apart(at.piece()).get()) : stackedCard())
                    .flatMap(stacked -> stacked.thickness(at));
        }
    }

    /** The card or a part as far as its closed size goes. */
    private record Alone(List<SizedDesign.Piece> pieces, List<Optional<Contents>> contents, SizedDesign.Making making) {
        Alone(SizedDesign design) {
            this(design.pieces(), design.pockets().stream().map(design::contents).toList(), design.making());
        }
    }

    /** The later stages of a sized design, in the project's papers. */
    Outcome<StackedDesign> stacked(SizedDesign sized) {
        return CreasedDesign.of(sized).then(FoldedDesign::of).then(ClosedDesign::of)
                .then(closed -> StackedDesign.of(closed, project.sheets(), project.mats(), project.step()));
    }
}
