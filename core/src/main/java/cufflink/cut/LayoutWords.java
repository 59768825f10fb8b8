package cufflink.cut;

import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A layout in a maker's words. */
public final class LayoutWords {
    private LayoutWords() {
    }

    /** How many sheets, and how far from the least: "3 sheets, and 3 is the least possible". */
    public static String sheets(LayoutPlan plan) {
        int offcuts = plan.sheets().size() - plan.newSheets();
        String count = plan.newSheets() + (plan.newSheets() == 1 ? " sheet" : " sheets") + (offcuts == 0 ? "" : " and " + offcuts + (offcuts == 1 ? " offcut" : " offcuts"));
        String gives = count + (plan.sheets().size() == 1 ? " gives" : " give") + (plan.unplaced().isEmpty() ? " every piece" : " some of the pieces");
        return gives + (plan.isProved() ? (plan.newSheets() == 0 ? ", and no new sheet." : ", and " + plan.newSheets() + " is the least possible.") : "; at least " + plan.bound() + " are needed.");
    }

    /** A sheet that divides evenly: into pieces with nothing left, or into pieces alike with the rest in one piece. Empty for others. */
    public static String whole(SheetLayout sheet) {
        int count = sheet.placements().size();
        int rests = sheet.rest().size();
        if (count == 0 || rests > 1) {
            return "";
        } else if (rests == 0) {
            return count == 1 ? "The sheet is used whole." : "The sheet divides into " + count + " with nothing left.";
        }
        boolean alike = sheet.placements().stream().map(placement -> List.of(placement.width(), placement.height())).distinct().count() == 1;
        return alike && count > 1 ? "The sheet divides into " + count + " alike and one strip." : "";
    }

    /** What is cut from corner to corner at last; empty where nothing is. */
    public static String diagonals(SheetLayout sheet) {
        long two = sheet.placements().stream().filter(placement -> placement.other().isPresent()).count();
        long one = sheet.placements().stream().filter(placement -> placement.half() != Half.WHOLE).count() - two;
        String cut = " from corner to corner as the picture shows it.";
        return (two == 0 ? "" : two == 1 ? " The rectangle of two triangles is parted" + cut : " Each of the " + two + " rectangles of two triangles is parted" + cut)
                + (one == 0 ? "" : one == 1 ? " The triangle is cut" + cut : " Each of the " + one + " single triangles is cut" + cut);
    }

    /** The cuts of a sheet as they are made: one sentence for each setting of the fence. */
    public static List<String> cuts(SheetLayout sheet, LengthFormat format) {
        List<String> settings = new ArrayList<>();
        int first = 0;
        for (int i = 1; i <= sheet.cuts().size(); i++) {
            if (i == sheet.cuts().size() || !sheet.cuts().get(i).at().equals(sheet.cuts().get(first).at())) {
                settings.add(setting(sheet.cuts().subList(first, i), format));
                first = i;
            }
        }
        return settings;
    }

    private static String setting(List<Cut> cuts, LengthFormat format) {
        String numbers = cuts.size() == 1 ? "cut " + cuts.get(0).number() : "cuts " + cuts.get(0).number() + " to " + cuts.get(cuts.size() - 1).number();
        boolean turn = cuts.stream().map(Cut::upright).distinct().count() > 1;
        return "Fence at " + format.text(cuts.get(0).at()) + ": " + numbers + (turn ? ", turning the paper between them." : cuts.get(0).upright() ? ", from the left edge." : ", from the top edge.");
    }

    /** The sheets alike, in the order of the plan: what they give, and how many there are. */
    public static Map<SheetLayout, Integer> alike(LayoutPlan plan) {
        Map<List<Object>, SheetLayout> first = new LinkedHashMap<>();
        Map<SheetLayout, Integer> alike = new LinkedHashMap<>();
        for (SheetLayout sheet : plan.sheets()) {
            List<Object> key = List.of(sheet.stock(), sheet.placements().stream().sorted(Comparator.comparing(Placement::x).thenComparing(Placement::y)).toList());
            SheetLayout shown = first.computeIfAbsent(key, none -> sheet);
            alike.merge(shown, 1, Integer::sum);
        }
        return alike;
    }
}
