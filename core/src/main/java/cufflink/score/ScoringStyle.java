package cufflink.score;

/** From which face creases are scored; both are common practice. */
public enum ScoringStyle {
    /** Everything from the face that lies up when marked. */
    ONE_FACE("from one face"),
    /** Each crease from the face that puts its ridge inside the fold; positions are mirrored on the other face. */
    OWN_FACE("ridge inside");

    private final String words;

    ScoringStyle(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
