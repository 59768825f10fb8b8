package cufflink.words;

/** What is said of parts: where they sit, and how a design would fit there. Small letters stand inside a sentence. */
public enum PartWords implements Code {
    ON_PANEL("on the {panel}, {face}"),
    IN_POCKET("in {pocket}"),
    AROUND("around the closed card"),
    FITS("Fits"),
    FITS_WITH_CARE("Fits; {count} more to watch");

    private final Sentences sentences;

    PartWords(String sentence) {
        sentences = new Sentences(sentence, "");
    }

    @Override
    public Sentences sentences() {
        return sentences;
    }
}
