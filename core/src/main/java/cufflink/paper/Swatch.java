package cufflink.paper;

import java.util.Locale;

/** How a paper's pattern is drawn, so that it is known again on the screen. */
public enum Swatch {
    PLAIN, STRIPES, DOTS, CHECKS, STARS;

    /** As written in files and shown. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
