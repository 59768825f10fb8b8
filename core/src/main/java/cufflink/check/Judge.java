package cufflink.check;

import java.util.List;

/** Judges one aspect. */
interface Judge {
    List<Check> judge(CheckSubject subject);
}
