package cufflink.words;

/**
 * The sentences of a code.
 *
 * @param sentence what is the case; one sentence, or a phrase that another takes in
 * @param remedy   what to do about it; may be empty
 */
public record Sentences(String sentence, String remedy) {
    /** A sentence, alone or with its remedy. */
    static Sentences of(String... said) {
        return new Sentences(said[0], said.length > 1 ? said[1] : "");
    }
}
