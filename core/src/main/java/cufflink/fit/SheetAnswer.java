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
import cufflink.measure.Measured;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FitWords;
import cufflink.words.Message;
import cufflink.words.NoteWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongFunction;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;

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
                    List.of(FitWords.NOTHING_LEFT_FOR_SHEET.of()));
        }
        Optional<Steps> found = fit.largest();
        if (found.isEmpty()) {
            return nothingFits();
        }
        List<Steps> next = fit.next(found.get());
        return Fitter.answer(sizing, given(found.get()), target(),
                Stream.concat(limits(next, found.get()).stream(), lifts(next).stream()).toList());
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

    private String sheetSize() {
        return format.size(wanted.width(), wanted.height());
    }

    /** Why not larger: the design's own limits, and what the paper would have to give. */
    private List<Message> limits(List<Steps> next, Steps found) {
        List<Message> limits = new ArrayList<>();
        List<Message> needs = new ArrayList<>();
        boolean proved = true;
        for (Steps size : next) {
            boolean wider = size.down() == found.down();
            if (fit.fits(size)) {
                return List.of(FitWords.FARTHEST.of("farthest", Measured.of(SheetFit.FARTHEST, format)));
            }
            Optional<Message> rule = rule(size);
            if (rule.isPresent()) {
                Message larger = next.size() == 1 ? FitWords.NEXT_SIZE.of()
                        : (wider ? FitWords.WIDER : FitWords.HIGHER).of("step", oneStep());
                limits.add(FitWords.BREAKS.of("larger", larger, "rule", rule.get()));
            } else {
                needs.add(next.size() == 1 ? FitWords.NEXT_NEEDS.of("pieces", pieces(size))
                        : need(wider, needs.isEmpty()).of("step", oneStep(), "pieces", pieces(size)));
                proved &= fit.isRuledOut(size);
            }
        }
        if (!needs.isEmpty()) {
            limits.add((proved ? FitWords.NOT_GIVEN : FitWords.NOT_FOUND).of("needs",
                    needs.stream().map(Message::sentence).collect(Collectors.joining("; ")), "sheets", sheets(), "size",
                    sheetSize()));
        }
        return limits;
    }

    private static FitWords need(boolean wider, boolean first) {
        return wider ? first ? FitWords.WIDER_NEEDS : FitWords.WIDER_TOO
                : first ? FitWords.HIGHER_NEEDS : FitWords.HIGHER_TOO;
    }

    private Measured oneStep() {
        return Measured.of(step.length(), format);
    }

    /** What of the design, not of the paper, forbids a size. */
    private Optional<Message> rule(Steps size) {
        Optional<SizedDesign> design = fit.sized(size).value();
        if (design.isEmpty()) {
            return fit.limits(size).stream().findFirst().map(Problem::message);
        }
        Optional<Message> limited = design.get().measures().all().stream()
                .filter(sized -> given(size).values().containsKey(sized.definition().name()))
                .filter(sized -> !sized.derivation().exact().equals(sized.derivation().result())
                        && sized.derivation().note().code() != NoteWords.ON_A_GROOVE)
                .findFirst()
                .map(sized -> (sized.byHand() ? FitWords.LIMITED_BY_HAND : FitWords.LIMITED).of("measure",
                        sized.definition().label(), "note", sized.derivation().note()));
        return limited.or(() -> design.get().judgements().stream().filter(SizedDesign.Judgement::isBroken)
                .map(SizedDesign.Judgement::said).findFirst());
    }

    private Message pieces(Steps size) {
        return pieces(fit.sized(size).value().orElseThrow());
    }

    private Message pieces(SizedDesign design) {
        CutJob job = room.job(design);
        CutPiece largest = job.pieces().stream()
                .max(Comparator
                        .comparingDouble(piece -> piece.width().toMillimetres() * piece.height().toMillimetres()))
                .orElseThrow();
        int count = job.pieces().stream().mapToInt(CutPiece::quantity).sum();
        String size = step.size(largest.width(), largest.height());
        return count == 1 ? FitWords.ONE_PIECE.of("size", size) : FitWords.PIECES.of("count", count, "size", size);
    }

    /** Only what was tried at the next size and helped. */
    private List<Message> lifts(List<Steps> next) {
        boolean sheet = next.stream().anyMatch(size -> fit.comesOut(size, room::givesLarger));
        boolean sheets = next.stream().anyMatch(size -> fit.comesOut(size, room::givesWithOneMore));
        List<Message> lifts = new ArrayList<>();
        if (sheet || sheets) {
            lifts.add(helps(sheet && sheets ? FitWords.EITHER_WOULD
                    : sheet ? FitWords.SHEET_WOULD : FitWords.SHEETS_WOULD));
        }
        List<String> smaller = sizing.definition().measures().stream()
                .filter(measure -> measure.role() == Role.PROPORTION && isShorterBetter(measure, next))
                .map(measure -> "“" + measure.label() + "”").toList();
        if (!smaller.isEmpty()) {
            lifts.add(helps(lifts.isEmpty() ? FitWords.LESS_WOULD : FitWords.LESS_WOULD_TOO, "measures",
                    String.join(" or ", smaller)));
        }
        return lifts;
    }

    /** What would help, with nothing said before it. */
    private static Message helps(FitWords would, Object... arguments) {
        return FitWords.WOULD_HELP.of("what", would.of(arguments));
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
            Message remedy = Settings.inTheWay(sizing.definition(), sizing.given(), fit::isPossibleWith)
                    .orElseGet(FitWords.LARGER_SHEET::of);
            Message what = FitWords.EVEN_THE_SMALLEST.of("least",
                    format.size(sizing.width(design), sizing.height(design)), "pieces", pieces(design), "sheets",
                    sheets(), "size", sheetSize(), "remedy", remedy);
            List<Problem> notices = new ArrayList<>(
                    fit.sized(least).problems().stream().filter(problem -> !problem.isError()).toList());
            notices.add(Problem.notice("Sheet", what));
            return Outcome.of(new FitAnswer(design, target(), List.of(what), notices));
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
