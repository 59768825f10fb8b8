/*
 * Typed directions: what the phrases of the trade look like. A text is a row of phrases; what none of them takes is a
 * word of its own, so that nothing is refused and nothing is lost. What phrases mean together is not said here. No rule
 * calls itself: a text is read in one pass, however long it is. Every word stands in one list below.
 */
grammar Directions;

options {
    caseInsensitive = true;
}

/* What a token is can hang on its neighbours: see TokenSense. */
tokens {
    NAME_NUMBER,
    MIXED,
    JOIN,
    COUNTING,
    PART_ALONE,
    AS_MANY
}

text
    : phrase* EOF
    ;

phrase
    : size
    | range
    | both
    | less
    | count
    | amount
    | share
    | side
    | fromEdge
    | corner
    | allOver
    | crease
    | turn
    | verb
    | reference
    | name
    | material
    | sheet
    | edge
    | relation
    | quoted
    | newline
    | mark
    | word
    ;

// ---- lengths and sizes

/* 4 1/4 x 5 1/2 in; three and a quarter by four; 11 in wide by 4 high; 4 wide and 6 long; a 6 in square; 3 in each way */
size
    : amount dimension? (TIMES | BY) dimension? amount dimension? ((TIMES | BY) amount dimension?)?
    | amount dimension (AND | COMMA | BUT)? amount dimension
    | dimension COLON? amount COMMA? dimension COLON? amount
    | amount SQUARE
    | amount (EACH | BOTH) (WAY | DIRECTION)
    ;

dimension
    : WIDE
    | HIGH
    | LONG
    | IN (WIDTH | LENGTH | HEIGHT)
    ;

/* 2 to 3 in, 2–3 */
range
    : amount TO amount
    | amount DASH until
    ;

until
    : ABOUT? (MIXED | whole (JOIN? SLASHED | VULGAR)? | DECIMAL) unit?
    ;

/* 5 1/2 in (140 mm), 5 1/2 in / 140 mm: one length in two units */
both
    : amount OPEN (OR | ABOUT)? amount CLOSE
    | measured SLASH ABOUT? measured
    ;

measured
    : number unit
    ;

/* 1/8 in smaller all round than the base; a quarter inch less on each side; smaller by 1/8 */
less
    : (amount | aPart) SMALLER allOver? (THAN | OF)?
    | SMALLER BY (amount | aPart) allOver?
    ;

/* all round, on each side; each way, in both directions */
allOver
    : ALL (THE WAY)? AROUND
    | (ON | ALONG)? (EACH | ALL NUMBER_WORD? | BOTH THE?) (SIDE | EDGES)
    | IN? (EACH | BOTH) (WAY | DIRECTION)
    | OVERALL
    ;

amount
    : ABOUT? number unit?
    | ABOUT? aPart (OF? A)? plainUnit
    | ABOUT? whole PART (OF? A)? plainUnit
    ;

number
    : MIXED
    | whole (JOIN | DASH)? fraction
    | whole JOIN? aPart
    | A? PART_ALONE
    | SLASHED
    | VULGAR
    | DECIMAL
    | whole
    ;

whole
    : INT
    | NUMBER_WORD
    | ONE
    | TWO
    ;

fraction
    : SLASHED
    | VULGAR
    | whole PART
    ;

/* a half, a quarter */
aPart
    : A? (PART | HALF)
    ;

unit
    : DASH? plainUnit
    ;

plainUnit
    : INCH_MARK
    | INCH
    | MM
    | CM
    ;

// ---- how many, and of what

/* two of these, 3 pieces, 2 ×, qty 2, (2), twice, a pair of */
count
    : whole (OF (THESE | EACH | IT) | PIECES | TIMES | AT)
    | whole IN? ALL
    | QUANTITY COLON? whole
    | AS_MANY whole
    | COUNTING whole
    | OPEN TIMES? whole (OFF | PIECES)? CLOSE
    | TWICE
    | A PAIR OF
    ;

/* half a sheet of, in half, half way, a quarter of, into quarters, in three */
share
    : (IN | INTO) (HALF | PART | whole)
    | HALF (OF? (A | THE | THIS) | OF)? (SHEET OF?)?
    | HALF DASH? WAY
    | A? PART OF (A | THE)? (SHEET OF?)?
    | (AT | ALONG | ON | IN | THE) THE? MIDDLE
    ;

/* along the 11 in side, on the long edge, across the width, lengthwise */
side
    : (ALONG | ON | WITH)? THE? amount (SIDE | EDGES)
    | (ALONG | ON | WITH)? THE? (LONG | SHORT) (SIDE | EDGES | WAY)
    | ALONG THE? (WIDTH | LENGTH | HEIGHT)
    | LENGTHWISE
    | CROSSWISE
    ;

/* from the left, from the top edge, from one short end */
fromEdge
    : FROM THE? EDGE (SIDE | EDGES)?
    | FROM (THE | A)? (LONG | SHORT) (SIDE | EDGES)
    | FROM A EDGES
    ;

edge
    : EDGE (SIDE | EDGES)?
    ;

/* from corner to corner, on the diagonal */
corner
    : ON? THE? DIAGONAL
    | FROM? ONE? CORNER TO CORNER
    ;

crease
    : MOUNTAIN
    | VALLEY
    | SHOW
    ;

/* turn it over lies on another face; turn it lies another way round */
turn
    : TURN IT? OVER
    | TURN
    ;

verb
    : CUT
    | NEED
    | SCORE
    | FOLD
    | GLUE
    | SLIT
    | PUNCH
    | CLOSED
    | LEAVES
    ;

// ---- names

reference
    : IT
    | THIS
    | THESE
    | THE? SAME SIZE?
    | WHAT IS EDGE
    | THE? REST
    | LEFTOVER
    ;

/* the front panel, left pocket, belly band, mat 2 */
name
    : (DESCRIBING | EDGE | MATERIAL | COLOUR | PLACE | SQUARE | SHOW | MIDDLE | NOUN)* (NOUN | STRIP) NAME_NUMBER?
    ;

material
    : (COLOUR | DESCRIBING | MATERIAL)* MATERIAL
    | COLOUR
    ;

/* a sheet of A4, letter paper, a sheet; its size may stand behind */
sheet
    : (SHEET OF?)? PAPER_SIZE (COLOUR* MATERIAL)? SHEET?
    | SHEET OF?
    | PIECE OF
    ;

relation
    : FOR
    | ON
    | INTO
    | FROM
    | TO
    | IN
    | WITH
    | OF
    | THAN
    | ALONG
    | AT
    | OVER
    | IS
    | BETWEEN
    ;

quoted
    : QUOTED
    ;

newline
    : NL
    ;

mark
    : COMMA
    | COLON
    | OPEN
    | CLOSE
    | SLASH
    | DASH
    | STOP
    | SEMICOLON
    | BAR
    | TIMES
    | AND
    | OR
    | BUT
    ;

/* What no rule above takes by itself: were it any sign at all, a row of numbers would be looked through to its end. */
word
    : WORD | OTHER | A | THE | EACH | BOTH | ALL | OFF | AROUND | SMALLER | WAY | DIRECTION | PIECES | QUANTITY | PAIR
    | MIDDLE | SIDE | EDGES | LONG | SHORT | WIDTH | LENGTH | HEIGHT | WIDE | HIGH | SQUARE | CORNER | SIZE | WHAT
    | PIECE | PLACE | DESCRIBING | BY | INCH_MARK | INCH | MM | CM | PART | ABOUT | JOIN | COUNTING | NAME_NUMBER
    | AS_MANY
    ;

// ---- signs

NL : '\n' ;
BAR : [|\t] ;
SPACE : [ \p{Zs}]+ -> skip ;

SLASHED : DIGIT+ [/⁄∕] DIGIT+ | [⁰¹²³⁴-⁹]+ [⁄/] [₀-₉]+ ;
VULGAR : [¼½¾⅐-⅞] ;
DECIMAL : DIGIT* '.' DIGIT+ | DIGIT+ ',' DIGIT+ ;
PART
    : 'quarter' 's'? | 'third' 's'? | 'eighth' 's'? | 'sixteenth' 's'? | 'thirtysecond' 's'? | 'halves'
    | ('4' | '8' | '16') 'th' 's'? | '32nd' 's'?
    ;
HALF : 'half' ;
INT : DIGIT+ ;
fragment DIGIT : [0-9] ;
TWO : 'two' ;
ONE : 'one' ;
NUMBER_WORD
    : 'three' | 'four' | 'five' | 'six' | 'seven' | 'eight' | 'nine' | 'ten' | 'eleven' | 'twelve' | 'thirteen'
    | 'fourteen' | 'fifteen' | 'sixteen' | 'seventeen' | 'eighteen' | 'nineteen' | 'twenty'
    ;

INCH_MARK : ['’′] ['’′] | ["″”] ;
INCH : 'inch' 'es'? | 'ins' ;
IN : 'in' ;
MM : 'mm' | 'mil' 's'? | 'millimet' ('re' | 'er') 's'? ;
CM : 'cm' | 'centimet' ('re' | 'er') 's'? ;

TIMES : [×x*] ;
BY : 'by' ;
AND : 'and' | '&' | '+' | 'plus' ;
OR : 'or' | '=' ;
BUT : 'but' ;
DASH : [-–—] ;
COMMA : ',' ;
COLON : ':' ;
SEMICOLON : ';' ;
STOP : [.!?] ;
OPEN : [([] ;
CLOSE : [)\]] ;
SLASH : '/' ;
QUOTED : '“' ~[“”\n]* '”' ;

// ---- words

ABOUT : 'about' | 'roughly' | 'approx' | 'approximately' | 'ca' | [~≈] ;
A : 'a' | 'an' ;
THE : 'the' | 'its' | 'your' | 'their' | 'my' | 'our' ;
THIS : 'this' | 'that' ;
THESE : 'these' | 'those' | 'them' | 'they' ;
IT : 'it' ;
EACH : 'each' | 'every' ;
BOTH : 'both' ;
ALL : 'all' ;
OF : 'of' ;
OFF : 'off' ;
FOR : 'for' ;
ON : 'on' | 'onto' | 'upon' ;
OVER : 'over' | 'under' | 'behind' ;
TO : 'to' ;
AT : 'at' | '@' ;
FROM : 'from' | 'out' ;
WITH : 'with' ;
THAN : 'than' ;
BETWEEN : 'between' ;
INTO : 'into' ;
ALONG : 'along' | 'across' | 'down' ;
AROUND : 'round' | 'around' ;

SMALLER : 'smaller' | 'less' | 'shorter' | 'narrower' ;
WAY : 'way' | 'ways' ;
DIRECTION : 'direction' 's'? | 'dimension' 's'? ;
OVERALL : 'overall' ;
PIECES : 'pcs' | 'pieces' | 'copies' | 'bits' ;
QUANTITY : 'qty' | 'quantity' ;
TWICE : 'twice' ;
PAIR : 'pair' ;
MIDDLE : 'middle' | 'centre' | 'center' | 'halfway' ;
SIDE : 'side' ;
EDGES : 'edge' | 'edges' | 'sides' | 'end' | 'ends' ;
LONG : 'long' | 'longer' | 'longest' ;
SHORT : 'short' | 'shortest' ;
WIDTH : 'width' ;
LENGTH : 'length' ;
HEIGHT : 'height' ;
LENGTHWISE : 'lengthwise' | 'lengthways' ;
CROSSWISE : 'crosswise' | 'crossways' ;
WIDE : 'wide' | 'w' ;
HIGH : 'high' | 'tall' | 'deep' | 'h' ;
SQUARE : 'square' | 'sq' ;
EDGE : 'left' | 'right' | 'top' | 'bottom' ;
CORNER : 'corner' ;
DIAGONAL : 'diagonal' | 'diagonally' | 'diagonals' ;

MOUNTAIN : 'mountain' 's'? ;
VALLEY : 'valley' 's'? ;
SHOW : 'decorative' ;
TURN : 'turn' | 'turned' | 'rotate' | 'rotated' | 'flip' | 'spin' ;
CUT : 'cut' 's'? | 'cutting' | 'trim' 's'? | 'trimmed' | 'slice' ;
NEED : 'need' 's'? | 'take' | 'use' | 'want' | 'start' | 'get' | 'make' ;
SCORE : 'score' 's'? | 'sc' | ('score' | 'fold') ' '+ 'line' 's'? | 'scored' | 'scoring' | 'crease' 's'? | 'creased' ;
FOLD : 'fold' 's'? | 'folded' | 'folding' | 'bend' ;
GLUE : 'glue' 's'? | 'glued' | 'gluing' | 'stick' | 'adhere' | 'attach' | 'mount' | 'tape' ;
SLIT : 'slit' 's'? | 'slot' 's'? ;
PUNCH : 'punch' | 'punched' | 'hole' 's'? | 'notch' 'es'? | 'window' ;
CLOSED : 'closed' | 'closes' | 'finished' ;
LEAVES : 'leave' 's'? | 'leaving' | 'give' 's'? | 'giving' | 'makes' | 'yields' ;

SAME : 'same' ;
SIZE : 'size' ;
WHAT : 'what' ;
IS : 'is' | 'are' | 'measures' | 'measure' | 'measuring' ;
REST : 'rest' ;
LEFTOVER : 'leftover' 's'? | 'offcut' 's'? | 'scrap' 's'? ;
SHEET : 'sheet' 's'? ;
STRIP : 'strip' ;
PIECE : 'piece' | 'bit' ;
PAPER_SIZE : 'a' [3-7] | 'b5' | 'letter' | 'tabloid' ;
MATERIAL : 'paper' 's'? | 'card' | 'cardstock' | 'vellum' | 'acetate' | 'kraft' ;
COLOUR
    : 'red' | 'blue' | 'green' | 'yellow' | 'white' | 'black' | 'grey' | 'gray' | 'cream' | 'navy' | 'pink' | 'gold'
    | 'silver' | 'brown' | 'purple' | 'orange' | 'ivory' | 'patterned' | 'plain' | 'printed' | 'dark' | 'light'
    | 'matching'
    ;
PLACE : 'front' | 'back' | 'inside' | 'outside' ;
DESCRIBING
    : 'inner' | 'outer' | 'upper' | 'lower' | 'large' | 'small' | 'first' | 'second' | 'last' | 'main' | 'gift' | 'belly'
    | 'big' | 'little' | 'sentiment'
    ;
NOUN
    : 'base' 's'? | 'mat' 's'? | 'layer' 's'? | 'insert' 's'? | 'panel' 's'? | 'pocket' 's'? | 'sleeve' 's'? | 'strips'
    | 'flap' 's'? | 'band' 's'? | 'tag' 's'? | 'liner' 's'? | 'cover' 's'? | 'spine' | 'handle' 's'? | 'bag' 's'?
    | 'holder' 's'? | 'squares' | 'triangle' 's'? | 'envelope' 's'? | 'body' | 'board' 's'? | 'leaf' | 'packet'
    | 'wrap' | 'plate' 's'? | 'gusset' 's'? | 'tab' 's'? | 'bar' 's'? | 'pull' 's'? | 'cardbase' 's'? | 'tier' 's'?
    ;

WORD : [\p{L}\p{M}] [\p{L}\p{M}\p{Nd}'’]* ;
OTHER : . ;
