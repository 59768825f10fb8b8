package cufflink.design;

import cufflink.measure.Length;

/**
 * Kinds of small hardware, with what is usual of each (common practice, no source: a design may say otherwise, and what
 * is in the drawer is measured).
 */
public enum FixingKind {
    BRAD("brad", 1600, 5000, 1500, 500), EYELET("eyelet", 3200, 5500, 800, 1000),
    STAPLE("staple", 0, 12_000, 500, 700), SNAP("snap", 3200, 10_000, 2500, 3500);

    private final String word;
    private final Length hole;
    private final Length head;
    private final Length height;
    private final Length behind;

    /** The lengths in micrometres. */
    FixingKind(String word, long hole, long head, long height, long behind) {
        this.word = word;
        this.hole = Length.ofMicrometres(hole);
        this.head = Length.ofMicrometres(head);
        this.height = Length.ofMicrometres(height);
        this.behind = Length.ofMicrometres(behind);
    }

    public String word() {
        return word;
    }

    /** Across its hole; nothing for what pierces paper itself. */
    Length hole() {
        return hole;
    }

    /** Across its head. */
    Length head() {
        return head;
    }

    /** Above the face on which its head lies. */
    Length height() {
        return height;
    }

    /** Above the other face. */
    Length behind() {
        return behind;
    }
}
