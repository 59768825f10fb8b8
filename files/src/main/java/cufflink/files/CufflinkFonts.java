package cufflink.files;

import java.io.InputStream;

/** The typefaces that ship with Cufflink (SIL Open Font License; the licences lie beside them). */
public enum CufflinkFonts {
    TEXT("Figtree_400Regular"), MEDIUM("Figtree_500Medium"), BOLD("Figtree_700Bold"),
    TITLE("BricolageGrotesque_700Bold");

    private final String file;

    CufflinkFonts(String file) {
        this.file = file;
    }

    /** A TrueType file; the caller closes it. */
    public InputStream open() {
        return open(file);
    }

    static InputStream open(String file) {
        return CufflinkFonts.class.getResourceAsStream("/cufflink/files/fonts/" + file + ".ttf");
    }
}
