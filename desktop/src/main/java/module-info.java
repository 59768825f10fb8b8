/** The window. */
module cufflink.desktop {
    requires cufflink.files;
    requires javafx.controls;
    requires atlantafx.base;
    requires org.fxmisc.richtext;
    requires org.fxmisc.flowless;
    requires org.fxmisc.undo;

    exports cufflink.desktop;
}
