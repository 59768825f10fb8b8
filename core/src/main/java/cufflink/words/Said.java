package cufflink.words;

/**
 * The sentences of a code.
 *
 * @param sentence what is the case; one sentence, or a phrase that another takes in
 * @param remedy   what to do about it; may be empty
 */
public record Said(String sentence, String remedy) {
    /** A sentence, alone or with its remedy. */
    static Said of(String... said) {
        return new Said(said[0], said.length > 1 ? said[1] : "");
    }
}
