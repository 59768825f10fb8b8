package cufflink.design;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;

/**
 * Something flat or raised that is put on a face of a panel, every number worked out: a die-cut shape, a strip with
 * words, a picture on foam pads.
 *
 * @param on     the panel that it is glued on
 * @param face   of the panel
 * @param height above the face, foam pads included
 * @param colour as {@code #RRGGBB}; absent while nobody has said
 */
public record Ornament(String id, String label, PanelRef on, Face face, Put put, Form form, Length height,
        Optional<String> colour) {
    /** From this height on it stands on foam pads. */
    public static final Length RAISED = Length.ofMillimetres(1);

    /** Nothing higher than this shuts in a card. */
    public static final Length HIGHEST = Length.ofMillimetres(50);

    /**
     * Where it lies on its panel, as the panel is seen with this face up and its piece lying flat.
     *
     * @param turn degrees, −180 to 180, clockwise as it is seen
     */
    public record Put(Along across, Along down, double turn) {
    }

    /** Which edges, or middles, a place is measured between. */
    public enum Anchor {
        START("left", "top"), MIDDLE("middle", "middle"), END("right", "bottom");

        private final String across;
        private final String down;

        Anchor(String across, String down) {
            this.across = across;
            this.down = down;
        }

        /** Its word from left to right. */
        public String across() {
            return across;
        }

        /** Its word from top to bottom. */
        public String down() {
            return down;
        }
    }

    /**
     * A place in one direction.
     *
     * @param from the left or top edges of the panel and of the ornament's bounds, their middles, or their right or
     *             bottom edges
     * @param by   between the two: inwards from an edge, below 0 past it; to the right or down from the middle
     */
    public record Along(Anchor from, Length by) {
        public static final Along CENTRED = new Along(Anchor.MIDDLE, Length.ZERO);
    }

    /**
     * What it looks like.
     *
     * @param width  before it is turned
     * @param traced of a shape that is traced from a path
     */
    public record Form(OrnamentShape shape, Length width, Length height, Optional<Traced> traced) {
        /** Its size as it is said: a circle is so far across. */
        public String text(LengthFormat format) {
            return shape == OrnamentShape.CIRCLE ? format.text(width) + " across" : format.size(width, height);
        }

        /**
         * So wide; what has but one size, and a traced shape, keep their proportions.
         *
         * @param value more than 0
         */
        public Form wide(Length value) {
            return new Form(shape, value, switch (shape) {
                case CIRCLE -> value;
                case PATH -> scaled(value, traced.orElseThrow().proportion());
                case RECTANGLE, OVAL, BANNER -> height;
            }, traced);
        }

        /**
         * So high, with the same proportions as {@link #wide}.
         *
         * @param value more than 0
         */
        public Form high(Length value) {
            return new Form(shape, switch (shape) {
                case CIRCLE -> value;
                case PATH -> scaled(value, 1 / traced.orElseThrow().proportion());
                case RECTANGLE, OVAL, BANNER -> width;
            }, value, traced);
        }

        /** Another shape, as wide; what was as high as it is wide becomes a banner a quarter as high. */
        public Form shaped(OrnamentShape other) {
            boolean flattens = other == OrnamentShape.BANNER && height.equals(width);
            return new Form(other, width, flattens ? Length.ofNanometres(width.nanometres() / 4) : height,
                    Optional.empty()).wide(width);
        }

        /** A traced shape, as wide. */
        public Form traced(Traced other) {
            return new Form(OrnamentShape.PATH, width, height, Optional.of(other)).wide(width);
        }

        private static Length scaled(Length length, double factor) {
            return Length.nearestToMillimetres(length.toMillimetres() * factor);
        }

        boolean isSized() {
            return width.isPositive() && height.isPositive() && traced.isPresent() == (shape == OrnamentShape.PATH);
        }
    }

    /**
     * A shape of any kind.
     *
     * @param path    the data of an SVG path
     * @param outline what it encloses, at any scale, y down
     */
    public record Traced(String path, Polygon outline) {
        /** How high it is for its width. */
        public double proportion() {
            return outline.getEnvelopeInternal().getHeight() / outline.getEnvelopeInternal().getWidth();
        }
    }

    boolean isSized() {
        return form.isSized() && !height.isNegative() && !height.isLongerThan(HIGHEST);
    }

    /** Whether it stands on foam pads. */
    public boolean isRaised() {
        return !RAISED.isLongerThan(height);
    }

    /** Under another label. */
    public Ornament called(String other) {
        return new Ornament(id, other, on, face, put, form, height, colour);
    }

    public Ornament with(Put value) {
        return new Ornament(id, label, on, face, value, form, height, colour);
    }

    public Ornament with(Form value) {
        return new Ornament(id, label, on, face, put, value, height, colour);
    }

    public Ornament withHeight(Length value) {
        return new Ornament(id, label, on, face, put, form, value, colour);
    }

    public Ornament withColour(String value) {
        return new Ornament(id, label, on, face, put, form, height, Optional.of(value));
    }

    /** On another panel, or on its other face. */
    public Ornament on(PanelRef panel, Face other) {
        return new Ornament(id, label, panel, other, put, form, height, colour);
    }
}
