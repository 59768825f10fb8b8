package cufflink.plan;

/** The phases of the work, in order. */
public enum Phase {
    CUT("Cut"), SCORE("Score"), MAT("Mat"), PUNCH("Punch"), FOLD("Fold"), GLUE("Glue"), CHECK("Check");

    private final String title;

    Phase(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
