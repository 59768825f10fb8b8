package cufflink.stash;

/** What is counted or measured in the stash. */
public enum Ware {
    /** Sheets and offcuts, by name and size. */
    SHEETS("sheet"),
    /** By name, by length. */
    RIBBON("ribbon"),
    /** By name. */
    ENVELOPES("envelope");

    private final String word;

    Ware(String word) {
        this.word = word;
    }

    /** One of it. */
    public String word() {
        return word;
    }

    /** Whether it is measured, not counted. */
    public boolean isMeasured() {
        return this == RIBBON;
    }
}
