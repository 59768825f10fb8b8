package cufflink.cut;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;

/**
 * One sheet with what is cut from it.
 *
 * @param cuts in the order of work
 */
public record SheetLayout(StockSheet stock, List<Placement> placements, List<Cut> cuts) {
    /**
     * What is left over is kept if it is at least this wide and long; 1 in and 3 in: common practice, a strip that
     * makes a band or a small layer.
     */
    private static final Length KEPT_WIDTH = Length.ofInches(1);
    private static final Length KEPT_LENGTH = Length.ofInches(3);

    /** A part of a sheet. */
    public record Part(Length x, Length y, Length width, Length height) {
        /** Square millimetres. */
        public double area() {
            return width.toMillimetres() * height.toMillimetres();
        }

        /** Whether it is what a piece takes: to within what nobody trims off. */
        boolean isFor(Placement placement) {
            return x.equals(placement.x()) && y.equals(placement.y()) && isNearly(width, placement.width())
                    && isNearly(height, placement.height());
        }

        private static boolean isNearly(Length part, Length piece) {
            return !piece.isLongerThan(part) && Cut.LEAST.isLongerThan(part.minus(piece));
        }

        /** Whether it is worth keeping as an offcut. */
        public boolean isKept() {
            return !KEPT_WIDTH.isLongerThan(Length.shorter(width, height))
                    && !KEPT_LENGTH.isLongerThan(Length.longer(width, height));
        }
    }

    public SheetLayout {
        placements = List.copyOf(placements);
        cuts = List.copyOf(cuts);
    }

    /** Every part that no piece takes, as the cuts leave it; found by carrying them out. */
    public List<Part> rest() {
        List<Part> parts = new ArrayList<>();
        parts.add(new Part(Length.ZERO, Length.ZERO, stock.width(), stock.height()));
        for (Cut cut : cuts) {
            parts.remove(new Part(cut.x(), cut.y(), cut.width(), cut.height()));
            parts.add(cut.near());
            parts.add(cut.far());
        }
        placements.forEach(
                placement -> parts.stream().filter(part -> part.isFor(placement)).findFirst().ifPresent(parts::remove));
        return parts;
    }

    /** The parts left over that are worth keeping. */
    public List<Part> offcuts() {
        return rest().stream().filter(Part::isKept).toList();
    }

    /** Square millimetres of the sheet. */
    public double area() {
        return stock.width().toMillimetres() * stock.height().toMillimetres();
    }

    /** Square millimetres that become pieces. */
    public double used() {
        return placements.stream()
                .mapToDouble(placement -> placement.width().toMillimetres() * placement.height().toMillimetres()).sum();
    }

    /** How often the fence is set: cuts at the same distance, one after the other, share a setting. */
    public int settings() {
        int settings = 0;
        for (int i = 0; i < cuts.size(); i++) {
            settings += i == 0 || !cuts.get(i).at().equals(cuts.get(i - 1).at()) ? 1 : 0;
        }
        return settings;
    }
}
