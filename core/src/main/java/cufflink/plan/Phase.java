package cufflink.plan;

/** The phases of the work, in the order in which they are done, shown and printed. */
public enum Phase {
    CUT("Cut", "Cut list"), SCORE("Score", "Score list"), MAT("Mat", "Layers"), PUNCH("Punch", "Punch and knife"),
    FOLD("Fold", "Fold"), GLUE("Glue", "Glue"), CHECK("Check", "Checks");

    private final String title;
    private final String heading;

    Phase(String title, String heading) {
        this.title = title;
        this.heading = heading;
    }

    /** One word. */
    public String title() {
        return title;
    }

    /** What stands over it on paper. */
    public String heading() {
        return heading;
    }
}
