package cufflink.cut;

import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A layout in a maker's words. */
public final class LayoutWords {
    private LayoutWords() {
    }

    /** How many sheets, and how far from the least: "3 sheets give every piece, and 3 is the least possible". */
    public static String sheets(LayoutPlan plan) {
        String count = counted(plan.newSheets(), plan.sheets().size() - plan.newSheets());
        if (!plan.unplaced().isEmpty()) {
            int placed = plan.sheets().stream().flatMap(sheet -> sheet.placements().stream())
                    .mapToInt(placement -> placement.pieces().size()).sum();
            return (placed == 0 ? "Nothing comes out of this paper"
                    : count + (plan.sheets().size() == 1 ? " gives " : " give ") + placed + " of "
                            + (placed + plan.unplaced().size()) + " pieces")
                    + "; " + plan.unplaced().size() + (plan.unplaced().size() == 1 ? " has" : " have") + " no paper.";
        }
        String gives = count + (plan.sheets().size() == 1 ? " gives" : " give") + " every piece";
        String least = plan.isProved()
                ? (plan.newSheets() == 0 ? ", and no new sheet."
                        : ", and " + plan.newSheets() + " is the least possible.")
                : "; that fewer do is not ruled out, at least " + plan.bound() + " are needed.";
        return gives + least + plan.grain().map(LayoutWords::grain).orElse("");
    }

    /** What a bound rests on: "their area alone takes 3 sheets". */
    public static String why(Bound bound) {
        String sheets = counted(bound.sheets(), 0);
        if (bound.sheets() == 0) {
            return "offcuts may be enough";
        }
        return bound.reason().accept(new Bound.Cases<>() {
            @Override
            public String area(Bound.Area area) {
                return "their area alone takes " + sheets;
            }

            @Override
            public String alone(Bound.Alone alone) {
                return "no two of these pieces come out of one sheet, which takes " + sheets;
            }

            @Override
            public String prices(Bound.Prices prices) {
                return "whatever the cuts, no sheet holds enough of them for fewer than " + sheets;
            }

            @Override
            public String search(Bound.Search search) {
                return "every way with fewer than " + sheets + " was tried";
            }
        });
    }

    /** Sheets and offcuts: "2 sheets and 1 offcut". */
    public static String counted(int sheets, int offcuts) {
        String whole = sheets + (sheets == 1 ? " sheet" : " sheets");
        String left = offcuts + (offcuts == 1 ? " offcut" : " offcuts");
        return offcuts == 0 ? whole : sheets == 0 ? left : whole + " and " + left;
    }

    /** How many pieces lie across the fibres, and what it would take that none does. */
    public static String grain(GrainCost cost) {
        return " " + cost.across() + (cost.across() == 1 ? " piece lies" : " pieces lie") + " across the grain"
                + (cost.moreSheets() > 0 ? "; "
                        + cost.between().stream()
                                .map(step -> counted(step.moreSheets(), 0) + " more "
                                        + (step.moreSheets() == 1 ? "leaves " : "leave ") + step.across() + " across, ")
                                .collect(Collectors.joining())
                        + "all along it takes " + counted(cost.moreSheets(), 0) + " more." : ".");
    }

    /**
     * A sheet that divides evenly: into pieces with nothing left, or into pieces alike with the rest in one piece.
     * Empty for others.
     */
    public static String whole(SheetLayout sheet) {
        int count = sheet.placements().size();
        int rests = sheet.rest().size();
        if (count == 0 || rests > 1) {
            return "";
        } else if (rests == 0) {
            return count == 1 ? "The sheet is used whole." : "The sheet divides into " + count + " with nothing left.";
        }
        boolean alike = sheet.placements().stream().map(placement -> List.of(placement.width(), placement.height()))
                .distinct().count() == 1;
        return alike && count > 1 ? "The sheet divides into " + count + " alike and one strip." : "";
    }

    /** What is cut from corner to corner at last; empty where nothing is. */
    public static String diagonals(SheetLayout sheet) {
        long two = sheet.placements().stream().filter(placement -> placement.other().isPresent()).count();
        long one = sheet.placements().stream().filter(placement -> placement.half() != Half.WHOLE).count() - two;
        String cut = " from corner to corner as the picture shows it.";
        return (two == 0 ? "" : two == 1 ? " The rectangle of two triangles is parted" + cut
                : " Each of the " + two + " rectangles of two triangles is parted" + cut)
                + (one == 0 ? "" : one == 1 ? " The triangle is cut" + cut
                        : " Each of the " + one + " single triangles is cut" + cut);
    }

    /**
     * The cuts of a sheet as they are made: one sentence for each setting of the fence, with the part that each cut
     * divides.
     */
    public static List<String> cuts(SheetLayout sheet, LengthFormat format) {
        List<CutList.Line> lines = CutList.of(sheet);
        List<String> settings = new ArrayList<>();
        int first = 0;
        for (int i = 1; i <= lines.size(); i++) {
            if (i == lines.size() || !lines.get(i).cut().at().equals(lines.get(first).cut().at())) {
                settings.add("Fence at " + format.text(lines.get(first).cut().at()) + ": "
                        + lines.subList(first, i).stream().map(LayoutWords::cut).collect(Collectors.joining("; "))
                        + ".");
                first = i;
            }
        }
        return settings;
    }

    /** Which cut, from which edge of what: "cut 2, from the top edge of 1a". */
    public static String from(CutList.Line line) {
        return "cut " + line.cut().number() + ", from the " + (line.cut().upright() ? "left" : "top") + " edge of "
                + line.part();
    }

    /** What a sheet gives, triangles that share a rectangle one by one: "2 × base, 4 × front, layer 1". */
    public static String gives(SheetLayout sheet) {
        return sheet.placements().stream().flatMap(placement -> placement.labels().stream())
                .collect(Collectors.groupingBy(label -> label, LinkedHashMap::new, Collectors.counting()))
                .entrySet().stream().map(entry -> entry.getValue() + " × " + entry.getKey())
                .collect(Collectors.joining(", "));
    }

    /** What one cut does: "cut 2 from the left edge of 1b gives 2a (base) and 2b". */
    public static String cut(CutList.Line line) {
        return "cut " + line.cut().number() + " from the " + (line.cut().upright() ? "left" : "top") + " edge of "
                + line.part() + " gives " + line.near().text() + " and " + line.far().text();
    }

    /** The sheets alike, in the order of the plan: what they give, and how many there are. */
    public static Map<SheetLayout, Integer> alike(LayoutPlan plan) {
        Map<List<Object>, SheetLayout> first = new LinkedHashMap<>();
        Map<SheetLayout, Integer> alike = new LinkedHashMap<>();
        for (SheetLayout sheet : plan.sheets()) {
            List<Object> key = List.of(sheet.stock(), sheet.placements().stream()
                    .sorted(Comparator.comparing(Placement::x).thenComparing(Placement::y)).toList());
            SheetLayout shown = first.computeIfAbsent(key, none -> sheet);
            alike.merge(shown, 1, Integer::sum);
        }
        return alike;
    }
}
