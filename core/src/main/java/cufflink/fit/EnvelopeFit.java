package cufflink.fit;

import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.stack.ClosedSize;
import cufflink.words.FitWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;

/**
 * The largest card that goes into an envelope closed. What goes in is the folded card, which need not measure what the
 * design calls its finished size: the card is folded, and what it is too large by is taken off, until it goes in.
 */
final class EnvelopeFit {
    private static final int MOST_ROUNDS = 12;
    /** Steps of the ruler by which a card that goes in is tried larger. */
    private static final int MOST_GROWTH = 8;

    private final Sizing sizing;
    private final FitContext context;
    private final Wish.InEnvelope wanted;
    private final RulerStep step;
    private final LengthFormat format;
    /** The envelope's sides, turned the way of the card's usual shape. */
    private final Length across;
    private final Length down;

    /** A finished size, and the card that it closes to. */
    private record Tried(Length width, Length height, ClosedSize closed) {
    }

    EnvelopeFit(Sizing sizing, FitContext context, Wish.InEnvelope wanted, SizedDesign usual) {
        this.sizing = sizing;
        this.context = context;
        this.wanted = wanted;
        this.step = sizing.step();
        this.format = LengthFormat.of(step.unit());
        Length shorter = Length.shorter(wanted.envelope().width(), wanted.envelope().height());
        Length longer = Length.longer(wanted.envelope().width(), wanted.envelope().height());
        Optional<ClosedSize> closed = context.closed(usual);
        boolean landscape = closed.map(size -> size.width().isLongerThan(size.height()))
                .orElseGet(() -> sizing.hasHeight() && sizing.width(usual).isLongerThan(sizing.height(usual)));
        this.across = landscape ? longer : shorter;
        this.down = landscape ? shorter : longer;
    }

    Outcome<FitAnswer> answer() {
        String target = wanted.envelope().name() + " envelope";
        if (sizing.free().isEmpty()) {
            return Fitter.answer(sizing, sizing.given(), target,
                    List.of(FitWords.NOTHING_LEFT_FOR_ENVELOPE.of()));
        }
        Optional<Tried> found = search();
        if (found.isEmpty()) {
            Length w = sizing.closing(least(across));
            Optional<Message> settings = Settings.inTheWay(sizing.definition(), sizing.given(),
                    given -> new EnvelopeFit(sizing.with(given), context, wanted,
                            sizing.usual().value().orElseThrow()).search().isPresent());
            return Fitter.answer(sizing, sizing.at(w, sizing.closesElsewhere() ? w : least(down)), target,
                    List.of(FitWords.NO_SIZE_FOR_ENVELOPE.of("envelope", wanted.envelope().name(), "size",
                            format.size(across, down), "remedy",
                            settings.orElseGet(FitWords.LARGER_ENVELOPE::of))));
        }
        Length ease = ease(found.get().closed());
        Message limit = (ease.equals(wanted.ease()) ? FitWords.ENVELOPE_WITH_EASE : FitWords.ENVELOPE_WITH_THICKNESS)
                .of("envelope", wanted.envelope().name(), "size", format.size(across, down), "ease",
                        Measured.of(ease, format), "room", format.size(room(across, ease), room(down, ease)));
        return Fitter.answer(sizing, sizing.at(found.get().width(), found.get().height()), target, List.of(limit));
    }

    /** What the envelope must be larger than the card: the ease, or the card's thickness and a step of the ruler. */
    private Length ease(ClosedSize closed) {
        return Length.longer(wanted.ease(), step.up(closed.thickness().plus(step.length())));
    }

    private Length room(Length side, Length ease) {
        return Length.longer(step.down(side.minus(ease)), step.length());
    }

    private Length least(Length side) {
        return room(side, wanted.ease());
    }

    private Optional<Tried> search() {
        Length w = sizing
                .closing(sizing.closesElsewhere() ? Length.shorter(least(across), least(down)) : least(across));
        Length h = sizing.closesElsewhere() ? w : least(down);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Tried> tried = tried(w, h);
            if (tried.isEmpty()) {
                return Optional.empty();
            }
            Length wide = over(tried.get(), true);
            Length high = over(tried.get(), false);
            if (!wide.isPositive() && !high.isPositive()) {
                return Optional.of(grown(tried.get()));
            }
            Length shorterW = w.minus(step.up(Length.longer(wide, Length.ZERO)));
            Length shorterH = h.minus(step.up(Length.longer(high, Length.ZERO)));
            if (!sizing.hasHeight()) {
                shorterW = w.minus(step.up(Length.longer(wide, high)));
            }
            w = Length.longer(shorterW, step.length());
            h = Length.longer(shorterH, step.length());
        }
        return Optional.empty();
    }

    /** By how much a closed card is too large one way; negative where there is room. */
    private Length over(Tried tried, boolean wide) {
        Length ease = ease(tried.closed());
        return wide ? tried.closed().width().minus(room(across, ease))
                : tried.closed().height().minus(room(down, ease));
    }

    /** Folded; empty if a number cannot be as it was asked for, or it does not close. */
    private Optional<Tried> tried(Length w, Length h) {
        Outcome<SizedDesign> sized = sizing.size(w, h);
        return Sizing.isExact(sized)
                ? context.closed(sized.value().orElseThrow()).map(closed -> new Tried(w, h, closed)) : Optional.empty();
    }

    /** A card that goes in, made longer as long as it still does; a side that fills its room is left. */
    private Tried grown(Tried first) {
        Tried best = first;
        for (boolean wide : new boolean[] {true, false}) {
            for (int i = 0; i < MOST_GROWTH && over(best, wide).isNegative(); i++) {
                Optional<Tried> larger = tried(wide ? best.width().plus(step.length()) : best.width(),
                        wide ? best.height() : best.height().plus(step.length()));
                if (larger.isEmpty() || over(larger.get(), true).isPositive()
                        || over(larger.get(), false).isPositive()) {
                    break;
                }
                best = larger.get();
            }
        }
        return best;
    }
}
