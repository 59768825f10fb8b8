package cufflink.check;

/** How a check came out; the order is from best to worst. */
public enum Verdict {
    GOOD("good", "✓"), WATCH("watch", "▲"), BAD("bad", "✕");

    private final String word;
    private final String mark;

    Verdict(String word, String mark) {
        this.word = word;
        this.mark = mark;
    }

    public String word() {
        return word;
    }

    public String mark() {
        return mark;
    }
}
