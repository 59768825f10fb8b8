package cufflink.paper;

import cufflink.measure.Length;

/** Width and height of a sheet, both more than 0. */
public record SheetSize(Length width, Length height) {
    public SheetSize {
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("width and height must be positive: " + width + ", " + height);
        }
    }

    /** Square millimetres. */
    public double area() {
        return width.toMillimetres() * height.toMillimetres();
    }

    /** The same a quarter turn round. */
    public SheetSize turned() {
        return new SheetSize(height, width);
    }

    /** Whether another lies within this one as it is. */
    public boolean holds(SheetSize other) {
        return !other.width.isLongerThan(width) && !other.height.isLongerThan(height);
    }
}
