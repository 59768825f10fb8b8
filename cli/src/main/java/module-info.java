/** The terminal commands. */
module cufflink.cli {
    requires cufflink.files;
    requires info.picocli;

    exports cufflink.cli;

    opens cufflink.cli to info.picocli;
}
