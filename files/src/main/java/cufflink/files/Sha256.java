package cufflink.files;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** SHA-256 as 64 hexadecimal digits in small letters. */
public final class Sha256 {
    private Sha256() {
    }

    /** Of some bytes. */
    public static String of(byte[] bytes) {
        return text(digest().digest(bytes));
    }

    /** One that is fed step by step. */
    public static MessageDigest digest() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    /** A digest that is done. */
    public static String text(byte[] digest) {
        return HexFormat.of().formatHex(digest);
    }
}
