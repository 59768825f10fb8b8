package cufflink.drawing;

import java.util.Locale;

/** Arithmetic on {@code #RRGGBB} colours. */
public final class Colours {
    private Colours() {
    }

    /** The colour with each part multiplied; 1 leaves it, 0 makes black. */
    public static String shade(String colour, double factor) {
        int value = Integer.parseInt(colour.substring(1), 16);
        return "#" + part(value >> 16, factor) + part(value >> 8, factor) + part(value, factor);
    }

    /** The colour with a share of white in it; 0 leaves it, 1 is white. */
    public static String tint(String colour, double white) {
        int value = Integer.parseInt(colour.substring(1), 16);
        return "#" + tinted(value >> 16, white) + tinted(value >> 8, white) + tinted(value, white);
    }

    private static String tinted(int value, double white) {
        return part((int) Math.round((value & 255) + (255 - (value & 255)) * white), 1);
    }

    private static String part(int value, double factor) {
        int scaled = (int) Math.round((value & 255) * factor);
        return (scaled < 16 ? "0" : "") + Integer.toHexString(Math.min(255, scaled)).toUpperCase(Locale.ROOT);
    }

    /** Whether dark text reads better on the colour than light text (relative luminance of WCAG 2, simplified). */
    public static boolean isLight(String colour) {
        int value = Integer.parseInt(colour.substring(1), 16);
        return 0.299 * (value >> 16 & 255) + 0.587 * (value >> 8 & 255) + 0.114 * (value & 255) > 140;
    }
}
