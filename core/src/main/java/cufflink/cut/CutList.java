package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The cuts of a sheet with a name for every part on the way, so that each says what it divides. A part is called by the
 * cut that frees it: {@code 3a} lies between the fence and the blade, {@code 3b} beyond the blade.
 */
public final class CutList {
    /** The uncut sheet. */
    public static final String SHEET = "the sheet";

    /**
     * One cut.
     *
     * @param part what is divided: {@value #SHEET} or a part's name
     * @param near what lies between the fence and the blade
     * @param far  what lies beyond
     */
    public record Line(Cut cut, String part, Freed near, Freed far) {
    }

    /**
     * What a cut frees.
     *
     * @param pieces the labels of the piece, or of two triangles, that it is; empty for what is cut further and for
     *               what is left
     */
    public record Freed(String name, List<String> pieces) {
        /** The name with what it is: {@code 3a (base)}. */
        public String text() {
            return pieces.isEmpty() ? name : name + " (" + String.join(" and ", pieces) + ")";
        }
    }

    private CutList() {
    }

    /** The lines in the order of work. */
    public static List<Line> of(SheetLayout sheet) {
        Map<SheetLayout.Part, String> names = new HashMap<>();
        names.put(new SheetLayout.Part(Length.ZERO, Length.ZERO, sheet.stock().width(), sheet.stock().height()), SHEET);
        List<Line> lines = new ArrayList<>();
        for (Cut cut : sheet.cuts()) {
            String part = names.remove(new SheetLayout.Part(cut.x(), cut.y(), cut.width(), cut.height()));
            Freed near = new Freed(cut.number() + "a", pieces(sheet, cut.near()));
            Freed far = new Freed(cut.number() + "b", pieces(sheet, cut.far()));
            names.put(cut.near(), near.name());
            names.put(cut.far(), far.name());
            lines.add(new Line(cut, part, near, far));
        }
        return lines;
    }

    private static List<String> pieces(SheetLayout sheet, SheetLayout.Part part) {
        return sheet.placements().stream().filter(part::isFor).findFirst().map(Placement::labels).orElse(List.of());
    }
}
