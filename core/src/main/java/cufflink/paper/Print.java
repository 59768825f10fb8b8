package cufflink.paper;

import java.util.Optional;

/**
 * What is printed on a paper.
 *
 * @param swatch  how its pattern is drawn
 * @param sides   where it is
 * @param picture of it; drawn in place of the swatch
 */
public record Print(Swatch swatch, Sides sides, Optional<FacePicture> picture) {
    public static final Print NOTHING = new Print(Swatch.PLAIN, Sides.FACE, Optional.empty());

    /** Which sides of a paper are printed. */
    public enum Sides { FACE, BACK, BOTH }

    /** A pattern on the face, or on both sides. */
    public static Print of(Swatch swatch, boolean both) {
        return new Print(swatch, both ? Sides.BOTH : Sides.FACE, Optional.empty());
    }

    /** Whether anything is printed on the side that is used as the outside, or on the other. */
    public boolean isOn(boolean face) {
        return (swatch != Swatch.PLAIN || picture.isPresent())
                && sides != (face ? Sides.BACK : Sides.FACE);
    }

    public boolean isOnBoth() {
        return sides == Sides.BOTH;
    }

    /** As it is on the paper with its faces exchanged. */
    Print turnedOver() {
        return new Print(swatch, switch (sides) {
            case FACE -> Sides.BACK;
            case BACK -> Sides.FACE;
            case BOTH -> Sides.BOTH;
        }, picture);
    }

    public Print withPicture(Optional<FacePicture> other) {
        return new Print(swatch, sides, other);
    }
}
