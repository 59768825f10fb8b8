package cufflink.files;

import java.io.InputStream;

/** The typefaces for what ours have not, in the order in which they are asked: other scripts and signs. */
public enum ScriptFonts {
    /** Greek, Cyrillic, Hebrew, Arabic, Armenian, Georgian, and signs. */
    WEST("DejaVuSans"),
    /** Chinese and Japanese. */
    EAST("DroidSansFallbackFull");

    private final String file;

    ScriptFonts(String file) {
        this.file = file;
    }

    /** A TrueType file; the caller closes it. */
    public InputStream open() {
        return CufflinkFonts.open(file);
    }
}
