/** Reading and writing: design files, projects, CSV, SVG, DXF, PDF. */
module cufflink.files {
    requires transitive cufflink.core;
    requires transitive com.fasterxml.jackson.databind;
    requires com.fasterxml.jackson.dataformat.yaml;
    requires com.google.zxing;
    requires com.ibm.icu;
    requires org.apache.commons.csv;
    requires org.apache.commons.logging; // pdfbox, an automatic module, cannot ask for these two itself
    requires jdk.unsupported;
    requires org.apache.pdfbox;
    requires org.apache.xmlgraphics.batik.parser;
    requires org.xerial.sqlitejdbc;
    requires java.sql;
    requires java.xml;
    requires java.desktop;

    exports cufflink.files;
    exports cufflink.files.backup;
    exports cufflink.files.database;
    exports cufflink.files.notebook;
    exports cufflink.files.design;
    exports cufflink.files.project;
    exports cufflink.files.plan;
    exports cufflink.files.csv;
    exports cufflink.files.layout;
    exports cufflink.files.stash;
    exports cufflink.files.drawing;
    exports cufflink.files.handout;
    exports cufflink.files.packing;
    exports cufflink.files.directions;
}
