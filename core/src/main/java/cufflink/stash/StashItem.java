package cufflink.stash;

/** Something in the stash. The id is 0 until the stash has given it one. */
public sealed interface StashItem permits StashPaper, StashRibbon, StashEnvelope, StashPunch, StashTools,
        StashReservation, StashLimit {
    long id();

    /** As the maker calls it. */
    String name();

    /** The same with an id. */
    StashItem withId(long value);

    /** What to do with each kind. */
    interface Cases<R> {
        R paper(StashPaper paper);

        R ribbon(StashRibbon ribbon);

        R envelope(StashEnvelope envelope);

        R punch(StashPunch punch);

        R tools(StashTools tools);

        R reservation(StashReservation reservation);

        R limit(StashLimit limit);
    }

    /** Does what its kind asks for. */
    <R> R accept(Cases<R> cases);

    /** An amount that must not be negative, named in the message. */
    static void requireCount(int count, String name) {
        if (count < 0) {
            throw new IllegalArgumentException("count of " + name + " must not be below 0: " + count);
        }
    }
}
