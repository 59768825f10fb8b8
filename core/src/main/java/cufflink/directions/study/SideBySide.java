package cufflink.directions.study;

import cufflink.design.Derivation;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.plan.Plan;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The numbers of two plans of one design beside one another: as directions have them, and for other paper. */
public final class SideBySide {
    private SideBySide() {
    }

    /**
     * One number of a piece or layer.
     *
     * @param piece  as the design calls it
     * @param what   "width", "height" or the score's name
     * @param before as shown, with its unit; absent if the first plan has it not
     * @param after  as shown, with its unit; absent if the second plan has it not
     * @param reason how the second came about; empty if nothing changed
     */
    public record Row(String piece, String what, Optional<String> before, Optional<String> after, String reason) {
        /** Whether it is another length, not only told in another unit. */
        public boolean isChanged() {
            return !reason.isEmpty();
        }
    }

    /** A number, and how it came about. */
    private record Number(String piece, String what, Length length, LengthFormat format, String reason) {
    }

    /** Every number of both plans, in the order of the first, then those that only the second has. */
    public static List<Row> of(Plan before, Plan after) {
        Map<String, Number> old = numbers(before);
        Map<String, Number> now = numbers(after);
        Set<String> all = new LinkedHashSet<>(old.keySet());
        all.addAll(now.keySet());
        return all.stream().map(key -> row(Optional.ofNullable(old.get(key)), Optional.ofNullable(now.get(key))))
                .toList();
    }

    private static Row row(Optional<Number> before, Optional<Number> after) {
        Number any = after.or(() -> before).orElseThrow();
        boolean same = before.map(Number::length).equals(after.map(Number::length));
        return new Row(any.piece(), any.what(), before.map(SideBySide::text), after.map(SideBySide::text),
                same ? "" : after.map(Number::reason).orElse("The design has it no more."));
    }

    private static String text(Number number) {
        return number.format().text(number.length());
    }

    private static Map<String, Number> numbers(Plan plan) {
        LengthFormat format = plan.format();
        Map<String, Number> numbers = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            numbers.put(piece.id() + " width", number(piece.label(), "width", piece.width().length(),
                    piece.width().derivation(), format));
            numbers.put(piece.id() + " height", number(piece.label(), "height", piece.height().length(),
                    piece.height().derivation(), format));
            for (Score score : piece.lines()) {
                score.line().at().filter(at -> !score.isPinched())
                        .ifPresent(at -> numbers.put(piece.id() + " score " + score.id(),
                                number(piece.label(), "score “" + score.id() + "”", at.length(), at.derivation(),
                                        format)));
            }
        }
        for (MatLayer mat : plan.mats()) {
            String reason = mat.derivation(format);
            numbers.put("layer " + mat.id() + " width",
                    new Number(mat.label(), "width", mat.width(), format, reason));
            numbers.put("layer " + mat.id() + " height",
                    new Number(mat.label(), "height", mat.height(), format, reason));
        }
        return numbers;
    }

    private static Number number(String piece, String what, Length length, Derivation how, LengthFormat format) {
        return new Number(piece, what, length, format, how.text(format));
    }
}
