package cufflink.cut;

import cufflink.measure.Length;
import cufflink.paper.GrainRule;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * A job in whole nanometres, for the search: rectangles that may take each other's place are one kind, and two
 * triangles with one diagonal are one rectangle.
 */
final class Demand {
    /** A rectangle to cut: what becomes of it. */
    record Slot(CutPiece piece, Optional<CutPiece> other) {
    }

    /**
     * Rectangles alike; {@code width} is the longer side if they may turn on every paper. On a paper with a direction
     * two that are each other turned take not each other's place.
     */
    record Kind(long width, long height, List<Slot> slots) {
        double area() {
            return (double) width * height;
        }
    }

    /** A triangle waits here for another with the same diagonal. */
    private record Alike(long width, long height, List<String> materials, boolean mayTurn, Optional<Along> fold,
            Half half) {
    }

    final List<Kind> kinds;
    /** Rectangles that no sheet is large enough for, or that may lie on none. */
    final List<Slot> impossible;
    final List<StockSheet> stock;
    final long blade;
    /** By kind and stock: whether the kind may be cut from it as its width and height say, and turned. */
    private final boolean[][] upright;
    private final boolean[][] turned;

    Demand(CutJob job) {
        stock = job.stock().stream().sorted(Comparator.comparing((StockSheet sheet) -> !sheet.offcut())
                .thenComparing(sheet -> (sheet.offcut() ? 1 : -1) * area(sheet)).thenComparing(StockSheet::id))
                .toList();
        blade = job.blade().map(Length::nanometres).orElse(Long.MAX_VALUE);
        Map<Alike, List<Slot>> alike = new LinkedHashMap<>();
        job.pieces().forEach(piece -> addSlots(piece, alike));
        List<Kind> wanted = alike.entrySet().stream()
                .map(entry -> new Kind(entry.getKey().width(), entry.getKey().height(), List.copyOf(entry.getValue())))
                .sorted(Comparator.comparingDouble(Kind::area).thenComparing(Kind::width).reversed()).toList();
        Map<Boolean, List<Kind>> possible = wanted.stream().collect(Collectors.partitioningBy(kind -> stock.stream()
                .anyMatch(sheet -> may(kind, sheet, job.grain(), false) || may(kind, sheet, job.grain(), true))));
        kinds = possible.get(true);
        impossible = possible.get(false).stream().flatMap(kind -> kind.slots().stream()).toList();
        upright = new boolean[kinds.size()][stock.size()];
        turned = new boolean[kinds.size()][stock.size()];
        for (int kind = 0; kind < kinds.size(); kind++) {
            for (int sheet = 0; sheet < stock.size(); sheet++) {
                upright[kind][sheet] = may(kinds.get(kind), stock.get(sheet), job.grain(), false);
                turned[kind][sheet] = may(kinds.get(kind), stock.get(sheet), job.grain(), true);
            }
        }
    }

    private static double area(StockSheet sheet) {
        return sheet.width().toMillimetres() * sheet.height().toMillimetres();
    }

    private void addSlots(CutPiece piece, Map<Alike, List<Slot>> alike) {
        long w = piece.width().nanometres();
        long h = piece.height().nanometres();
        boolean swap = piece.mayTurn() && h > w && stock.stream()
                .noneMatch(sheet -> sheet.directional() && piece.materials().contains(sheet.material()));
        boolean pairs = piece.half() != Half.WHOLE && piece.mayTurn();
        Alike key = new Alike(swap ? h : w, swap ? w : h, piece.materials(), piece.mayTurn(),
                swap ? piece.fold().map(Along::turned) : piece.fold(), pairs ? piece.half() : Half.WHOLE);
        List<Slot> slots = alike.computeIfAbsent(key, none -> new ArrayList<>());
        for (int i = 0; i < piece.quantity(); i++) {
            Optional<Slot> waiting = pairs && !slots.isEmpty()
                    ? Optional.of(slots.get(slots.size() - 1)).filter(slot -> slot.other().isEmpty())
                    : Optional.empty();
            if (waiting.isPresent()) {
                slots.set(slots.size() - 1, new Slot(waiting.get().piece(), Optional.of(piece)));
            } else {
                slots.add(new Slot(piece, Optional.empty()));
            }
        }
    }

    /**
     * Whether a kind may lie as its width and height say, or a quarter turn round, on a stock: paper, pattern, grain,
     * room and blade.
     */
    private boolean may(Kind kind, StockSheet from, GrainRule grain, boolean turn) {
        CutPiece piece = kind.slots().get(0).piece();
        if (!piece.materials().contains(from.material())) {
            return false;
        }
        boolean square = kind.width() == kind.height();
        boolean asDrawn = turn == (piece.width().nanometres() != kind.width());
        boolean binds = grain == GrainRule.MUST && piece.fold().isPresent() && from.grain().isPresent() && !square;
        boolean along = !binds || piece.fold().map(fold -> asDrawn ? fold : fold.turned()).equals(from.grain());
        boolean allowed = asDrawn || square || piece.mayTurn() && !from.directional();
        long width = turn ? kind.height() : kind.width();
        long height = turn ? kind.width() : kind.height();
        return along && allowed && fits(width, height, from) && Block.isCut(new Block.One(0, turn, width, height),
                from.width().nanometres(), from.height().nanometres(), blade);
    }

    private static boolean fits(long width, long height, StockSheet sheet) {
        return width <= sheet.width().nanometres() && height <= sheet.height().nanometres();
    }

    /** Whether a kind may lie as its width and height say, or turned, on a stock. */
    boolean may(int kind, int sheet, boolean turn) {
        return turn ? turned[kind][sheet] : upright[kind][sheet];
    }

    /** Whether the blade is shorter than a side of some sheet, so that it forbids cuts. */
    boolean isBladeShort() {
        return stock.stream()
                .anyMatch(sheet -> Math.max(sheet.width().nanometres(), sheet.height().nanometres()) > blade);
    }

    long sheetWidth(int sheet) {
        return stock.get(sheet).width().nanometres();
    }

    long sheetHeight(int sheet) {
        return stock.get(sheet).height().nanometres();
    }

    /** Sheets of each stock. */
    int[] supply() {
        return stock.stream().mapToInt(sheet -> sheet.count().orElse(Integer.MAX_VALUE)).toArray();
    }

    /** Rectangles of each kind. */
    int[] quantities() {
        return kinds.stream().mapToInt(kind -> kind.slots().size()).toArray();
    }

    /** Where a spot lies on its sheet, for no piece in particular. */
    Placement unnamed(Fill.Spot spot) {
        Kind kind = kinds.get(spot.kind());
        Length width = new Length(spot.turned() ? kind.height() : kind.width());
        Length height = new Length(spot.turned() ? kind.width() : kind.height());
        return new Placement("", "", new Length(spot.x()), new Length(spot.y()), width, height, spot.turned(),
                Half.WHOLE, Optional.empty());
    }

    static boolean isNone(int[] counts) {
        return Arrays.stream(counts).allMatch(count -> count == 0);
    }
}
