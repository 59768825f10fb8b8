/** All computation of Cufflink: no interface, no files, no clock, no locale. */
module cufflink.core {
    requires transitive org.locationtech.jts;
    requires ejml.core;
    requires ejml.ddense;
    requires org.antlr.antlr4.runtime;
    requires org.apache.commons.numbers.fraction;

    exports cufflink.measure;
    exports cufflink.words;
    exports cufflink.problem;
    exports cufflink.paper;
    exports cufflink.design;
    exports cufflink.die;
    exports cufflink.crease;
    exports cufflink.mat;
    exports cufflink.score;
    exports cufflink.stack;
    exports cufflink.fold;
    exports cufflink.cut;
    exports cufflink.fit;
    exports cufflink.check;
    exports cufflink.plan;
    exports cufflink.stash;
    exports cufflink.job;
    exports cufflink.drawing;
    exports cufflink.notebook;
    exports cufflink.packing;
    exports cufflink.directions;
    exports cufflink.directions.finding;
    exports cufflink.directions.match;
    exports cufflink.directions.study;
    exports cufflink.directions.writing;
}
