/** Reading and writing: design files, projects, CSV, SVG, PDF. */
module cufflink.files {
    requires transitive cufflink.core;
    requires transitive com.fasterxml.jackson.databind;
    requires com.fasterxml.jackson.dataformat.yaml;
    requires org.apache.commons.csv;
    requires org.apache.pdfbox;
    requires org.apache.fontbox;
    requires java.xml;
    requires java.desktop;

    exports cufflink.files.design;
}
