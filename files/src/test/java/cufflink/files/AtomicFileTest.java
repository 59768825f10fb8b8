package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AtomicFileTest {
    private static final byte[] NEW = "new".getBytes(StandardCharsets.UTF_8);

    @TempDir
    private Path folder;

    private static Set<PosixFilePermission> mode(Path file) throws IOException {
        return Files.getPosixFilePermissions(file);
    }

    @Test
    void link_staysALink_andItsTargetIsWritten() throws IOException {
        Path target = Files.writeString(folder.resolve("target.json"), "old");
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), target);
        AtomicFile.keep(link, NEW);
        assertTrue(Files.isSymbolicLink(link));
        assertEquals("new", Files.readString(target));
    }

    @Test
    void linkToNothingYet_makesItsTarget() throws IOException {
        Path link = Files.createSymbolicLink(folder.resolve("link.json"), Path.of("later", "target.json"));
        AtomicFile.write(link, NEW);
        assertTrue(Files.isSymbolicLink(link));
        assertEquals("new", Files.readString(folder.resolve("later").resolve("target.json")));
    }

    @Test
    void newFile_hasThePermissionsOfAnyNewFile() throws IOException {
        Path plain = Files.createFile(folder.resolve("plain"));
        AtomicFile.write(folder.resolve("written"), NEW);
        assertEquals(mode(plain), mode(folder.resolve("written")));
    }

    @Test
    void oldFile_keepsItsPermissions() throws IOException {
        Path file = Files.createFile(folder.resolve("shared"));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        AtomicFile.keep(file, NEW);
        assertEquals("rw-rw-r--", PosixFilePermissions.toString(mode(file)));
    }

    @Test
    void fileInThePlaceOfAFolder_isNamedWithTheReason_andNothingIsLeftBeside() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "old");
        IOException fault = assertThrows(IOException.class, () -> AtomicFile.write(file.resolve("out.pdf"), NEW));
        assertEquals(FileWords.FOLDER_NEEDED.sentence(), FileTrouble.reason(fault).sentence());
        assertTrue(fault.getMessage().contains("out.pdf") && !fault.getMessage().contains(".part"), fault.getMessage());
        assertEquals("old", Files.readString(file));
    }

    @Test
    void folderInThePlaceOfTheFile_isRefused() throws IOException {
        Path out = Files.createDirectory(folder.resolve("out"));
        assertEquals("this is a folder",
                FileTrouble.reason(assertThrows(IOException.class, () -> AtomicFile.keep(out, NEW))).sentence());
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(1, left.count());
        }
    }
}
