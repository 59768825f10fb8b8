package cufflink.cut;

import cufflink.measure.LengthFormat;
import cufflink.measure.Measured;
import cufflink.words.LayoutWords;
import cufflink.words.Message;
import cufflink.words.Numbered;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What there is to say of a layout. */
public final class LayoutMessages {
    private LayoutMessages() {
    }

    /** How many sheets, and how far from the least: "3 sheets give every piece, and 3 is the least possible". */
    public static List<Message> sheets(LayoutPlan plan) {
        List<Message> said = new ArrayList<>(List.of(result(plan)));
        if (plan.unplaced().isEmpty()) {
            plan.grain().map(LayoutMessages::grain).ifPresent(said::add);
        }
        return said;
    }

    private static Message result(LayoutPlan plan) {
        int used = plan.sheets().size();
        Message sheets = counted(plan.newSheets(), used - plan.newSheets());
        int missing = plan.unplaced().size();
        if (missing > 0) {
            int placed = plan.sheets().stream().flatMap(sheet -> sheet.placements().stream())
                    .mapToInt(placement -> placement.pieces().size()).sum();
            return placed == 0 ? LayoutWords.NOTHING_COMES.of("unplaced", missing)
                    : LayoutWords.SOME_PIECES.of("sheets", sheets, "used", used, "placed", placed, "all",
                            placed + missing, "unplaced", missing);
        } else if (!plan.isProved()) {
            return LayoutWords.EVERY_PIECE_OPEN.of("sheets", sheets, "used", used, "least", plan.bound());
        }
        return plan.newSheets() == 0 ? LayoutWords.EVERY_PIECE.of("sheets", sheets, "used", used)
                : LayoutWords.EVERY_PIECE_LEAST.of("sheets", sheets, "used", used, "least", plan.newSheets());
    }

    /** What a bound rests on: "their area alone takes 3 sheets". */
    public static Message why(Bound bound) {
        if (bound.sheets() == 0) {
            return LayoutWords.OFFCUTS_MAY_DO.of();
        }
        return bound.reason().accept(new Bound.Cases<LayoutWords>() {
            @Override
            public LayoutWords area(Bound.Area area) {
                return LayoutWords.AREA_TAKES;
            }

            @Override
            public LayoutWords alone(Bound.Alone alone) {
                return LayoutWords.NO_TWO_TOGETHER;
            }

            @Override
            public LayoutWords prices(Bound.Prices prices) {
                return LayoutWords.NO_SHEET_HOLDS;
            }

            @Override
            public LayoutWords search(Bound.Search search) {
                return LayoutWords.ALL_TRIED;
            }
        }).of("sheets", bound.sheets());
    }

    /** Sheets and offcuts: "2 sheets and 1 offcut". */
    public static Message counted(int sheets, int offcuts) {
        return offcuts == 0 ? LayoutWords.SHEETS.of("sheets", sheets)
                : sheets == 0 ? LayoutWords.OFFCUTS.of("offcuts", offcuts)
                : LayoutWords.SHEETS_AND_OFFCUTS.of("sheets", sheets, "offcuts", offcuts);
    }

    /** How many pieces lie across the fibres, and what it would take that none does. */
    public static Message grain(GrainCost cost) {
        if (cost.moreSheets() == 0) {
            return LayoutWords.ACROSS.of("across", cost.across());
        }
        List<Message> steps = cost.between().stream()
                .map(step -> LayoutWords.MORE_LEAVE.of("more", step.moreSheets(), "across", step.across())).toList();
        return steps.isEmpty()
                ? LayoutWords.ACROSS_UNLESS.of("across", cost.across(), "more", cost.moreSheets())
                : LayoutWords.ACROSS_STEP_BY_STEP.of("across", cost.across(), "steps", steps, "more",
                        cost.moreSheets());
    }

    /** That a sheet divides evenly: into pieces with nothing left, or into pieces alike with the rest in one piece. */
    public static Optional<Message> whole(SheetLayout sheet) {
        int count = sheet.placements().size();
        int rests = sheet.rest().size();
        if (count == 0 || rests > 1) {
            return Optional.empty();
        } else if (rests == 0) {
            return Optional
                    .of(count == 1 ? LayoutWords.USED_WHOLE.of() : LayoutWords.DIVIDES_WHOLE.of("pieces", count));
        }
        boolean alike = sheet.placements().stream().map(placement -> List.of(placement.width(), placement.height()))
                .distinct().count() == 1;
        return alike && count > 1 ? Optional.of(LayoutWords.DIVIDES_ALIKE.of("pieces", count)) : Optional.empty();
    }

    /** What is cut from corner to corner at last. */
    public static List<Message> diagonals(SheetLayout sheet) {
        long two = sheet.placements().stream().filter(placement -> placement.other().isPresent()).count();
        long one = sheet.placements().stream().filter(placement -> placement.half() != Half.WHOLE).count() - two;
        List<Message> said = new ArrayList<>();
        if (two > 0) {
            said.add(two == 1 ? LayoutWords.PART_RECTANGLE.of() : LayoutWords.PART_RECTANGLES.of("count", two));
        }
        if (one > 0) {
            said.add(one == 1 ? LayoutWords.CUT_TRIANGLE.of() : LayoutWords.CUT_TRIANGLES.of("count", one));
        }
        return said;
    }

    /**
     * The cuts of a sheet from edge to edge as they are made: one sentence for each setting of the fence, with the part
     * that each cut divides.
     */
    public static List<Message> cuts(SheetLayout sheet, LengthFormat format) {
        return FenceSetting.of(CutList.of(sheet), at -> Measured.of(at, format).toString()).stream()
                .map(setting -> LayoutWords.FENCE_AT.of("at", setting.number(), "cuts",
                        setting.cuts().stream().map(line -> cut(line).sentence()).collect(Collectors.joining("; "))))
                .toList();
    }

    /** Which cut, from which edge of what: "cut 2, from the top edge of 1a". */
    public static Message from(CutList.Line line) {
        return LayoutWords.CUT_FROM.of("number", line.cut().number(), "edge", edge(line), "part", line.part());
    }

    /** What one cut does: "cut 2 from the left edge of 1b gives 2a (base) and 2b". */
    public static Message cut(CutList.Line line) {
        return LayoutWords.CUT.of("number", line.cut().number(), "edge", edge(line), "part", line.part(), "near",
                line.near().text(), "far", line.far().text());
    }

    private static String edge(CutList.Line line) {
        return line.cut().upright() ? "left" : "top";
    }

    /** What a sheet gives, triangles that share a rectangle one by one: "2 × base, 4 × front, layer 1". */
    public static String gives(SheetLayout sheet) {
        return pieces(sheet.placements().stream().flatMap(placement -> placement.labels().stream()).toList());
    }

    /**
     * Labels, each told once with how many there are, in the order in which they come first; what only a number tells
     * apart is told together.
     */
    public static String pieces(List<String> labels) {
        Map<String, List<String>> alike = labels.stream()
                .collect(Collectors.groupingBy(Numbered::without, LinkedHashMap::new, Collectors.toList()));
        return alike.entrySet().stream()
                .map(entry -> LayoutWords.PIECES_OF.of("count", entry.getValue().size(), "label",
                        entry.getValue().stream().distinct().count() == 1 ? entry.getValue().get(0) : entry.getKey())
                        .sentence())
                .collect(Collectors.joining("; "));
    }
}
