/** The window. */
module cufflink.desktop {
    requires cufflink.files;
    requires javafx.controls;
    requires atlantafx.base;

    exports cufflink.desktop;
}
