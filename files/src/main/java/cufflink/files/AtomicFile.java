package cufflink.files;

import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.util.concurrent.ThreadLocalRandom;

/**
 * Writes a file whole or not at all: beside it first, then moved over it. A symbolic link stays one: the file it points
 * to is written. A file that was there keeps its permissions; a new one gets what the platform gives to any new file.
 */
public final class AtomicFile {
    private static final int TRIES = 100;

    private AtomicFile() {
    }

    /**
     * Replaces the content of one of the maker's own records, forced to the disk first; on failure the old content is
     * still there.
     */
    public static void keep(Path file, byte[] content) throws IOException {
        write(file, content, true);
    }

    /** Replaces the content of a file that can be made again, such as a hand-out, without waiting for the disk. */
    public static void write(Path file, byte[] content) throws IOException {
        write(file, content, false);
    }

    private static void write(Path file, byte[] content, boolean force) throws IOException {
        Path target = Files.isSymbolicLink(file) ? linked(file) : file.toAbsolutePath();
        if (Files.isDirectory(target)) {
            throw new FileSystemException(file.toString(), null, FileWords.A_FOLDER.of().sentence());
        }
        try {
            Files.createDirectories(target.getParent());
            replace(target, content, force);
        } catch (FileSystemException fault) {
            // What is named to the maker is the file that was to be written, not the one beside it.
            FileSystemException named = new FileSystemException(file.toString(), null,
                    FileTrouble.reason(fault).sentence());
            named.initCause(fault);
            throw named;
        }
    }

    /** The file at the end of a link, which need not be there yet. */
    private static Path linked(Path link) throws IOException {
        return Files.exists(link) ? link.toRealPath()
                : link.toAbsolutePath().getParent().resolve(Files.readSymbolicLink(link)).normalize();
    }

    private static void replace(Path target, byte[] content, boolean force) throws IOException {
        Path beside = fresh(target);
        try {
            try (FileChannel out = FileChannel.open(beside, StandardOpenOption.WRITE)) {
                ByteBuffer buffer = ByteBuffer.wrap(content);
                while (buffer.hasRemaining()) {
                    out.write(buffer);
                }
                if (force) {
                    out.force(true);
                }
            }
            keepPermissions(target, beside);
            move(beside, target);
        } finally {
            Files.deleteIfExists(beside);
        }
    }

    /** A new file beside the target, with the permissions of any new file. */
    private static Path fresh(Path target) throws IOException {
        for (int i = 0;; i++) {
            Path beside = target.resolveSibling(
                    "." + Long.toString(ThreadLocalRandom.current().nextLong(1L << 40), Character.MAX_RADIX) + ".part");
            try {
                return Files.createFile(beside);
            } catch (FileAlreadyExistsException taken) {
                if (i == TRIES) {
                    throw taken;
                }
            }
        }
    }

    private static void keepPermissions(Path target, Path beside) throws IOException {
        PosixFileAttributeView there = Files.getFileAttributeView(target, PosixFileAttributeView.class);
        if (there != null && Files.exists(target)) {
            Files.setPosixFilePermissions(beside, there.readAttributes().permissions());
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE);
        } catch (AtomicMoveNotSupportedException plain) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }
}
