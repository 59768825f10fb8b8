package cufflink.fit;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.Measure;
import cufflink.design.DesignDefinition.Role;
import cufflink.design.DesignSizer;
import cufflink.design.Given;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;

/**
 * Finds the measures for a wish. Only the finished width and height are sought; everything else follows by its own rule, and what
 * the maker has set by hand is never touched. Sizes are sought by halving, on the maker's ruler, since a larger card never needs
 * less paper and never holds less.
 */
public final class Fitter {
    private static final Length LARGEST = Length.ofMillimetres(1_200);

    private final DesignDefinition definition;
    private final Wish wish;
    private final FitContext context;
    private final RulerStep step;
    private final LengthFormat format;
    private final Optional<Measure> width;
    private final Optional<Measure> height;

    private Fitter(DesignDefinition definition, Wish wish, FitContext context) {
        this.definition = definition;
        this.wish = wish;
        this.context = context;
        this.step = context.given().step();
        this.format = LengthFormat.of(step.unit());
        this.width = definition.measure(Role.FINISHED_WIDTH);
        this.height = definition.measure(Role.FINISHED_HEIGHT);
    }

    /** The fitted design, or why the wish cannot be met at all. */
    public static Outcome<FitAnswer> fit(DesignDefinition definition, Wish wish, FitContext context) {
        return new Fitter(definition, wish, context).fit();
    }

    private Outcome<FitAnswer> fit() {
        if (wish instanceof Wish.AsDesigned) {
            return answer(context.given(), "as designed", "", "");
        } else if (wish instanceof Wish.Holding holding) {
            return holding(holding.item());
        } else if (width.isEmpty()) {
            return Outcome.failed(Problem.error(definition.title(), "This design has no finished size of its own: it follows what it holds.",
                    "Say what that is, or set its measures by hand."));
        } else if (wish instanceof Wish.FinishedSize size) {
            return finishedSize(size);
        } else if (wish instanceof Wish.InEnvelope envelope) {
            return envelope(envelope);
        }
        return sheet((Wish.FromSheet) wish);
    }

    private Outcome<FitAnswer> finishedSize(Wish.FinishedSize size) {
        Length square = Length.shorter(size.width(), size.height());
        String target = format.size(size.width(), size.height());
        if (width.orElseThrow().closes().isPresent()) {
            Given given = finished(closing(square), closing(square));
            String driver = width.get().label().toLowerCase(Locale.ROOT);
            return answer(given, target, "The largest " + driver + " on the ruler that closes within " + format.text(square) + ".", "A finer ruler would come nearer.");
        }
        return answer(finished(size.width(), size.height()), target, "", "");
    }

    /** The largest value of the finished measure, on the ruler, with which the card closes within {@code side}: {@code side} itself unless the design says what closes. */
    private Length closing(Length side) {
        if (width.orElseThrow().closes().isEmpty()) {
            return side;
        }
        Measure measure = width.get();
        long low = 1;
        long high = LARGEST.nanometres() / step.length().nanometres();
        while (low < high) {
            long middle = (low + high + 1) / 2;
            Outcome<SizedDesign> sized = DesignSizer.size(definition, context.given().fitted(measure.name(), step.length().times(middle)));
            boolean within = sized.value().filter(design -> !design.measures().length(measure.closes().orElseThrow()).isLongerThan(side)).isPresent();
            if (within) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return step.length().times(low);
    }

    private Outcome<FitAnswer> answer(Given given, String target, String limit, String lift) {
        Outcome<SizedDesign> sized = DesignSizer.size(definition, given);
        List<Problem> notices = sized.problems().stream().filter(problem -> !problem.isError()).toList();
        return sized.map(design -> new FitAnswer(design, target, limit, lift, notices));
    }

    /** The given measures with a finished size, where that is not set by hand; a square takes the shorter side. */
    private Given finished(Length w, Length h) {
        return finished(context.given(), w, h);
    }

    private Given finished(Given base, Length w, Length h) {
        Given result = base;
        if (!context.given().values().containsKey(width.orElseThrow().name())) {
            result = result.fitted(width.orElseThrow().name(), height.isPresent() ? w : Length.shorter(w, h));
        }
        if (height.isPresent() && !context.given().values().containsKey(height.get().name())) {
            result = result.fitted(height.orElseThrow().name(), h);
        }
        return result;
    }

    private static boolean isSized(Outcome<SizedDesign> outcome) {
        return outcome.value().isPresent() && outcome.problems().isEmpty();
    }

    private Outcome<FitAnswer> envelope(Wish.InEnvelope wanted) {
        Outcome<SizedDesign> usual = DesignSizer.size(definition, context.given());
        if (usual.value().isEmpty()) {
            return Outcome.failed(usual.problems());
        }
        Length[] sides = lying(wanted.envelope(), usual.value().get());
        Outcome<SizedDesign> flat = DesignSizer.size(definition, enveloped(sides, wanted.ease()));
        if (flat.value().isEmpty()) {
            return Outcome.failed(flat.problems());
        }
        Length thickness = context.thickness().apply(flat.value().get());
        Length ease = Length.longer(wanted.ease(), step.up(thickness.plus(step.length())));
        String why = ease.equals(wanted.ease()) ? format.text(ease) + " of ease" : format.text(ease) + " for its thickness";
        String limit = "The " + wanted.envelope().name() + " envelope is " + format.size(sides[0], sides[1]) + "; less " + why + " each way, the card may be "
                + format.size(inEnvelope(sides[0], ease), inEnvelope(sides[1], ease)) + ".";
        return answer(enveloped(sides, ease), wanted.envelope().name() + " envelope", limit,
                "A larger envelope" + (ease.equals(wanted.ease()) ? " or less ease would lift it." : " or fewer layers would lift it."));
    }

    private Given enveloped(Length[] sides, Length ease) {
        Length w = inEnvelope(sides[0], ease);
        Length h = inEnvelope(sides[1], ease);
        return width.orElseThrow().closes().isPresent() ? finished(closing(Length.shorter(w, h)), closing(Length.shorter(w, h))) : finished(w, h);
    }

    private Length inEnvelope(Length side, Length ease) {
        return Length.longer(step.down(side.minus(ease)), step.length());
    }

    /** The envelope's sides turned the way of the card's usual shape. */
    private Length[] lying(NamedSize envelope, SizedDesign usual) {
        boolean landscape = height.isPresent() && usual.measures().length(width.orElseThrow().name()).isLongerThan(usual.measures().length(height.get().name()));
        Length shorter = Length.shorter(envelope.width(), envelope.height());
        Length longer = Length.longer(envelope.width(), envelope.height());
        return landscape ? new Length[] {longer, shorter} : new Length[] {shorter, longer};
    }

    private Outcome<FitAnswer> sheet(Wish.FromSheet wanted) {
        Outcome<SizedDesign> usual = DesignSizer.size(definition, context.given());
        if (usual.value().isEmpty()) {
            return Outcome.failed(usual.problems());
        }
        Length w = usual.value().get().measures().length(width.orElseThrow().name());
        Length h = height.map(measure -> usual.value().get().measures().length(measure.name())).orElse(w);
        Predicate<Length> fits = size -> {
            Outcome<SizedDesign> sized = DesignSizer.size(definition, inProportion(size, w, h));
            return isSized(sized) && placed(sized.value().get(), wanted);
        };
        String target = wanted.sheets() + " × " + wanted.name();
        Optional<Length> largest = largest(fits);
        if (largest.isEmpty()) {
            return nothingFits(wanted, target);
        }
        Given given = inProportion(largest.get(), w, h);
        Given next = inProportion(largest.get().plus(step.length()), w, h);
        return answer(given, target, sheetLimit(wanted, next), lift());
    }

    /** A size in the usual proportion; {@code size} is the side sought, the other follows on the ruler. */
    private Given inProportion(Length size, Length w, Length h) {
        boolean heightSet = height.isPresent() && context.given().values().containsKey(height.get().name());
        boolean widthSet = context.given().values().containsKey(width.orElseThrow().name());
        boolean widthLeads = heightSet || !widthSet && w.isLongerThan(h);
        Length other = step.nearest(Length.nearestToMillimetres(widthLeads
                ? size.toMillimetres() * h.toMillimetres() / w.toMillimetres() : size.toMillimetres() * w.toMillimetres() / h.toMillimetres()));
        return widthLeads ? finished(size, other) : finished(other, size);
    }

    private Optional<Length> largest(Predicate<Length> fits) {
        long high = LARGEST.nanometres() / step.length().nanometres();
        long low = firstFitting(fits, high);
        if (low < 0) {
            return Optional.empty();
        }
        while (low < high) {
            long middle = (low + high + 1) / 2;
            if (fits.test(step.length().times(middle))) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return Optional.of(step.length().times(low));
    }

    /** Small sizes may be below a measure's minimum, so the search starts at the first size that works at all. */
    private long firstFitting(Predicate<Length> fits, long high) {
        for (long i = 1; i <= high; i += Math.max(1, i / 12)) {
            if (fits.test(step.length().times(i))) {
                return i;
            }
        }
        return -1;
    }

    private boolean placed(SizedDesign design, Wish.FromSheet wanted) {
        StockSheet sheet = new StockSheet(wanted.name(), "", wanted.width(), wanted.height(), OptionalInt.of(wanted.sheets()), false);
        List<CutPiece> pieces = design.pieces().stream().filter(piece -> piece.from().isEmpty())
                .map(piece -> new CutPiece(piece.id(), piece.label(), context.copies(), piece.width().length(), piece.height().length(), "", context.mayTurn())).toList();
        LayoutPlan plan = context.planner().plan(new CutJob(pieces, List.of(sheet)));
        return plan.unplaced().isEmpty();
    }

    private String sheetLimit(Wish.FromSheet wanted, Given next) {
        Outcome<SizedDesign> sized = DesignSizer.size(definition, next);
        if (!isSized(sized)) {
            return sized.problems().isEmpty() ? "" : sized.problems().get(0).text();
        }
        SizedDesign larger = sized.value().orElseThrow();
        SizedDesign.Piece main = larger.pieces().get(0);
        String count = context.copies() * larger.pieces().size() > 1 ? context.copies() * larger.pieces().size() + " pieces, the largest " : "a piece ";
        return "The next size up needs " + count + format.size(main.width().length(), main.height().length()) + "; "
                + wanted.sheets() + " × " + wanted.name() + " (" + format.size(wanted.width(), wanted.height()) + ") does not give that.";
    }

    private String lift() {
        String measures = definition.measures().stream().filter(measure -> measure.role() == Role.PROPORTION).map(measure -> measure.label().toLowerCase(Locale.ROOT))
                .reduce((a, b) -> a + " or " + b).map(names -> ", or a smaller " + names).orElse("");
        return "A larger sheet, more sheets" + measures + " would lift it.";
    }

    private Outcome<FitAnswer> nothingFits(Wish.FromSheet wanted, String target) {
        Given least = finished(step.length(), step.length());
        Outcome<SizedDesign> smallest = DesignSizer.size(definition, least);
        return smallest.value().<Outcome<FitAnswer>>map(design -> {
            SizedDesign.Piece main = design.pieces().get(0);
            List<Problem> notices = new ArrayList<>();
            notices.add(Problem.notice("Sheet", "Even the smallest size needs a piece of " + format.size(main.width().length(), main.height().length()) + "; "
                    + target + " does not give it.", "The smallest size is shown. Take a larger sheet, or more of them."));
            return Outcome.of(new FitAnswer(design, target, "The design's smallest size binds.", "A larger sheet would lift it.", notices));
        }).orElseGet(() -> Outcome.failed(smallest.problems()));
    }

    private Outcome<FitAnswer> holding(Contents item) {
        Optional<Measure> holds = definition.measure(Role.CONTENTS);
        if (holds.isEmpty()) {
            return Outcome.failed(Problem.error(definition.title(), "This design has no pocket: it holds nothing.", "Choose a holder, or fit it to a size."));
        }
        Given base = context.given().with(holds.get().name(), item);
        if (definition.pockets().isEmpty() || width.isEmpty() || height.isEmpty()) {
            return answer(base, item.name(), "", "");
        }
        Optional<Length> h = smallest(size -> holds(finished(base, LARGEST, size), false));
        Optional<Length> w = smallest(size -> holds(finished(base, size, h.orElse(LARGEST)), true));
        if (w.isEmpty() || h.isEmpty()) {
            return answer(base, item.name(), "No size of this design holds the " + item.name() + ".", "Choose another holder for it.");
        }
        String limit = "Held snugly: the pocket is " + format.text(PocketFit.PLAY) + " wider than the " + item.name() + ".";
        return answer(finished(base, w.get(), h.get()), item.name(), limit, "A smaller " + item.name() + " would allow a smaller card.");
    }

    private Optional<Length> smallest(Predicate<Length> holds) {
        long low = 1;
        long high = LARGEST.nanometres() / step.length().nanometres();
        if (!holds.test(step.length().times(high))) {
            return Optional.empty();
        }
        while (low < high) {
            long middle = (low + high) / 2;
            if (holds.test(step.length().times(middle))) {
                high = middle;
            } else {
                low = middle + 1;
            }
        }
        return Optional.of(step.length().times(low));
    }

    /** Whether every pocket takes its contents; {@code across} counts the width too. */
    private boolean holds(Given given, boolean across) {
        Outcome<SizedDesign> sized = DesignSizer.size(definition, given);
        if (sized.value().isEmpty()) {
            return false;
        }
        SizedDesign design = sized.value().get();
        boolean rules = design.judgements().stream().allMatch(judgement -> judgement.holds() || !judgement.rule().bad());
        return rules && design.pockets().stream().allMatch(pocket -> PocketFit.contents(design, pocket).map(item -> {
            PocketFit fit = PocketFit.of(pocket, item);
            return (!across || !fit.width().isNegative()) && !fit.room().isNegative() && !fit.held().isNegative();
        }).orElse(true));
    }
}
