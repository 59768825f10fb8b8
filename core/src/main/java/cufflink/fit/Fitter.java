package cufflink.fit;

import cufflink.design.DesignDefinition;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FitWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * Finds the measures for a wish. Only the finished width and height are sought, on the maker's ruler; everything else
 * follows by its own rule, and what the maker has set by hand is never touched.
 */
public final class Fitter {
    private final Sizing sizing;
    private final FitContext context;
    private final LengthFormat format;

    private Fitter(DesignDefinition definition, FitContext context) {
        this.sizing = new Sizing(definition, context.given(), context);
        this.context = context;
        this.format = LengthFormat.of(context.given().step().unit());
    }

    /** The fitted design, or why the wish cannot be met at all. */
    public static Outcome<FitAnswer> fit(DesignDefinition definition, Wish wish, FitContext context) {
        return new Fitter(definition, context).fit(wish);
    }

    private Outcome<FitAnswer> fit(Wish wish) {
        return wish.accept(new Wish.Cases<>() {
            @Override
            public Outcome<FitAnswer> asDesigned(Wish.AsDesigned as) {
                return answer(sizing.given(), "as designed");
            }

            @Override
            public Outcome<FitAnswer> finishedSize(Wish.FinishedSize size) {
                return sizing.hasSize() ? sized(size) : noSize();
            }

            @Override
            public Outcome<FitAnswer> inEnvelope(Wish.InEnvelope envelope) {
                return fromUsual(usual -> new EnvelopeFit(sizing, context, envelope, usual).answer());
            }

            @Override
            public Outcome<FitAnswer> fromSheet(Wish.FromSheet sheet) {
                return fromUsual(usual -> new SheetAnswer(sizing, context, sheet, usual).answer());
            }

            @Override
            public Outcome<FitAnswer> holding(Wish.Holding holding) {
                return new ContentsFit(sizing, holding.item()).answer();
            }
        });
    }

    private Outcome<FitAnswer> fromUsual(Function<SizedDesign, Outcome<FitAnswer>> fit) {
        if (!sizing.hasSize()) {
            return noSize();
        }
        Outcome<SizedDesign> usual = sizing.usual();
        return usual.value().map(fit).orElseGet(() -> Outcome.failed(usual.problems()));
    }

    private Outcome<FitAnswer> noSize() {
        return Outcome.failed(Problem.error(sizing.definition().title(),
                FitWords.NO_FINISHED_SIZE.of()));
    }

    private Outcome<FitAnswer> sized(Wish.FinishedSize size) {
        Length square = Length.shorter(size.width(), size.height());
        String target = format.size(size.width(), size.height());
        Optional<Measure> driver = sizing.free().stream().findFirst()
                .filter(measure -> sizing.closesElsewhere());
        if (driver.isPresent()) {
            Length closing = sizing.closing(square);
            return answer(sizing.at(closing, closing), target,
                    FitWords.LARGEST_CLOSING.of("measure", driver.get().label().toLowerCase(Locale.ROOT), "side",
                            Measured.of(square, format)));
        }
        return answer(sizing.at(size.width(), size.height()), target);
    }

    private Outcome<FitAnswer> answer(Given given, String target, Message... limits) {
        return answer(sizing, given, target, List.of(limits));
    }

    /** A design sized for what was found. */
    static Outcome<FitAnswer> answer(Sizing sizing, Given given, String target, List<Message> limits) {
        Outcome<SizedDesign> sized = sizing.sized(given);
        List<Problem> notices = sized.problems().stream().filter(problem -> !problem.isError()).toList();
        return sized.map(design -> new FitAnswer(design, target, limits, notices));
    }
}
