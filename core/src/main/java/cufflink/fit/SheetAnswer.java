package cufflink.fit;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.design.Given;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.SizedDesign;
import cufflink.design.Value;
import cufflink.fit.SheetFit.Steps;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongFunction;
import java.util.stream.LongStream;

/** The largest card out of some sheets, with what keeps it from being larger, and what was tried and would help. */
final class SheetAnswer {
    private final Sizing sizing;
    private final Wish.FromSheet wanted;
    private final SizedDesign usual;
    private final SheetRoom room;
    private final SheetFit fit;
    private final RulerStep step;
    private final LengthFormat format;

    SheetAnswer(Sizing sizing, FitContext context, Wish.FromSheet wanted, SizedDesign usual) {
        this.sizing = sizing;
        this.wanted = wanted;
        this.usual = usual;
        this.room = new SheetRoom(context, wanted);
        this.fit = new SheetFit(sizing, room, wanted, usual);
        this.step = sizing.step();
        this.format = LengthFormat.of(step.unit());
    }

    Outcome<FitAnswer> answer() {
        if (sizing.free().isEmpty()) {
            return Fitter.answer(sizing, sizing.given(), target(),
                    "Width and height are set by hand: nothing is left to be fitted to the sheet.", "");
        }
        Optional<Steps> found = fit.largest();
        if (found.isEmpty()) {
            return nothingFits();
        }
        List<Steps> next = fit.next(found.get());
        return Fitter.answer(sizing, given(found.get()), target(), limit(next, found.get()), lift(next));
    }

    private Given given(Steps size) {
        return sizing.at(fit.length(size.across()), fit.length(size.down()));
    }

    private String target() {
        return wanted.use() instanceof SheetUse.Cards cards ? cards.count() + " from one " + wanted.name() : sheets();
    }

    private String sheets() {
        return (wanted.use() instanceof SheetUse.Cards ? 1 : wanted.sheets()) + " × " + wanted.name();
    }

    /** Why not larger: the design's own limits, and what the paper would have to give. */
    private String limit(List<Steps> next, Steps found) {
        List<String> sentences = new ArrayList<>();
        List<String> needs = new ArrayList<>();
        boolean proved = true;
        for (Steps size : next) {
            String larger = next.size() == 1 ? "The next size up"
                    : (size.down() == found.down() ? "Wider" : "Higher") + " by " + format.text(step.length());
            if (fit.fits(size)) {
                return "The program looks for no side longer than " + format.text(SheetFit.FARTHEST)
                        + " or twice the sheet's.";
            }
            Optional<String> rule = rule(size);
            if (rule.isPresent()) {
                sentences.add(larger + ": " + rule.get());
            } else {
                needs.add(needs.isEmpty() ? larger + (next.size() == 1 ? " needs " : ", it would need ") + pieces(size)
                        : larger.substring(0, 1).toLowerCase(Locale.ROOT) + larger.substring(1) + ", " + pieces(size));
                proved &= fit.isRuledOut(size);
            }
        }
        if (!needs.isEmpty()) {
            String gives = sheets() + " (" + format.size(wanted.width(), wanted.height()) + ")";
            sentences.add(String.join("; ", needs) + ". " + gives + (proved ? " does not give that."
                    : " was not found to give that; it is not proved that it cannot."));
        }
        return String.join(" ", sentences);
    }

    /** What of the design, not of the paper, forbids a size. */
    private Optional<String> rule(Steps size) {
        Optional<SizedDesign> design = fit.sized(size).value();
        if (design.isEmpty()) {
            return fit.limits(size).stream().findFirst().map(Problem::what);
        }
        Optional<String> limited = design.get().measures().all().stream()
                .filter(sized -> given(size).values().containsKey(sized.definition().name()))
                .filter(sized -> !sized.derivation().exact().equals(sized.derivation().result())
                        && !sized.derivation().note().startsWith("lands"))
                .findFirst()
                .map(sized -> "“" + sized.definition().label() + "”"
                        + (sized.byHand() ? ", which is set by hand, " : " ") + sized.derivation().note() + ".");
        return limited.or(() -> design.get().judgements().stream().filter(SizedDesign.Judgement::isBroken)
                .map(SizedDesign.Judgement::text).findFirst());
    }

    private String pieces(Steps size) {
        return pieces(fit.sized(size).value().orElseThrow());
    }

    private String pieces(SizedDesign design) {
        CutJob job = room.job(design);
        CutPiece largest = job.pieces().stream()
                .max(Comparator
                        .comparingDouble(piece -> piece.width().toMillimetres() * piece.height().toMillimetres()))
                .orElseThrow();
        int count = job.pieces().stream().mapToInt(CutPiece::quantity).sum();
        return (count == 1 ? "a piece of " : count + " pieces, the largest ")
                + step.size(largest.width(), largest.height());
    }

    /** Only what was tried at the next size and helped. */
    private String lift(List<Steps> next) {
        List<String> helps = new ArrayList<>();
        if (next.stream().anyMatch(size -> fit.comesOut(size, room::givesLarger))) {
            helps.add("a larger sheet");
        }
        if (next.stream().anyMatch(size -> fit.comesOut(size, room::givesWithOneMore))) {
            helps.add("more sheets");
        }
        List<String> smaller = sizing.definition().measures().stream()
                .filter(measure -> measure.role() == Role.PROPORTION && isShorterBetter(measure, next))
                .map(measure -> "“" + measure.label() + "”").toList();
        String others = helps.isEmpty() ? "" : "A" + String.join(" or ", helps).substring(1) + " would lift it.";
        return smaller.isEmpty() ? others : (others + " Less for " + String.join(" or ", smaller)
                + (others.isEmpty() ? " would lift it." : " would, too.")).strip();
    }

    private boolean isShorterBetter(Measure measure, List<Steps> next) {
        return next.stream()
                .anyMatch(size -> fit.sized(size).value().flatMap(design -> design.measures().get(measure.name()))
                        .filter(sized -> sized.isLength()).map(sized -> {
                            Length shorter = step.down(Length.ofNanometres(sized.length().nanometres() / 10 * 9));
                            return shorter.isPositive() && fit.comesOutWith(size,
                                    sizing.given().with(measure.name(), Value.length(shorter)));
                        }).orElse(false));
    }

    /** The smallest size that the design takes, and what stands in the way. */
    private Outcome<FitAnswer> nothingFits() {
        Steps least = smallest();
        return fit.sized(least).value().<Outcome<FitAnswer>>map(design -> {
            String settings = Settings.inTheWay(sizing.definition(), sizing.given(), fit::isPossibleWith);
            String what = "Even " + format.size(sizing.width(design), sizing.height(design)) + " needs "
                    + pieces(design) + "; " + sheets() + " (" + format.size(wanted.width(), wanted.height())
                    + ") does not give that.";
            List<Problem> notices = new ArrayList<>(
                    fit.sized(least).problems().stream().filter(problem -> !problem.isError()).toList());
            notices.add(Problem.notice("Sheet", what,
                    settings.isEmpty() ? "Take a larger sheet, or more of them." : settings));
            return Outcome.of(new FitAnswer(design, target(), what, settings, notices));
        }).orElseGet(() -> Outcome.failed(fit.sized(least).problems()));
    }

    /** The shortest of each side with which all numbers come out, the other as the design has it. */
    private Steps smallest() {
        long w = sizing.width(usual).nanometres() / step.length().nanometres();
        long h = sizing.height(usual).nanometres() / step.length().nanometres();
        long across = least(at -> new Steps(at, h)).orElse(w);
        return new Steps(across, least(at -> new Steps(across, at)).orElse(h));
    }

    private OptionalLong least(LongFunction<Steps> row) {
        return LongStream.rangeClosed(1, SheetFit.FARTHEST.nanometres() / 2 / step.length().nanometres())
                .filter(at -> Sizing.isExact(fit.sized(row.apply(at)))).findFirst();
    }
}
