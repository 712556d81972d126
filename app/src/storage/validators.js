/* Made of the schemas by `npm run validators`. */
const Ne=F,te={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
]{1,32}$"},crop:{type:"number",minimum:1,maximum:4},time:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-39,maximum:18}},
required:["mode","click"],additionalProperties:!1}]},iso:{oneOf:[{type:"object",properties:{mode:{const:"auto"}},required:[
"mode"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},click:{type:"integer",minimum:-6,maximum:24}},
required:["mode","click"],additionalProperties:!1}]},compClicks:{type:"number",multipleOf:.5,minimum:-18,maximum:18},meter:{
type:"object",properties:{pattern:{enum:["whole","centre","spot","highlights"]},spot:{type:"object",properties:{x:{type:"\
number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},lockedEv100:{
type:["number","null"],minimum:-20,maximum:30}},required:["pattern","spot","lockedEv100"],additionalProperties:!1},support:{
enum:["hand","tripod"]},stabiliserStops:{type:"integer",minimum:0,maximum:5},filterStops:{type:"integer",minimum:0,maximum:10},
torch:{type:"boolean"},flash:{enum:["off","begin","end"]},subject:{enum:["scene","still","walking","running","vehicle"]},
mainsHz:{enum:[50,60]},sizeMp:{enum:[12,3]},focus:{oneOf:[{type:"object",properties:{mode:{const:"auto"},spot:{type:"obj\
ect",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1},
follow:{type:"boolean"}},required:["mode","spot","follow"],additionalProperties:!1},{type:"object",properties:{mode:{const:"\
held"},dioptres:{type:"number",minimum:-1,maximum:25}},required:["mode","dioptres"],additionalProperties:!1}]},white:{oneOf:[
{type:"object",properties:{mode:{const:"auto"},locked:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"num\
ber",minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]}},
required:["mode","locked"],additionalProperties:!1},{type:"object",properties:{mode:{const:"held"},kelvin:{type:"number",
minimum:2e3,maximum:12e3},tint:{type:"number",minimum:-30,maximum:30}},required:["mode","kelvin","tint"],additionalProperties:!1}]},
files:{enum:["dng","dng+jpeg","jpeg","tiff","png"]},jpegQuality:{type:"integer",minimum:60,maximum:100},average:{oneOf:[
{const:1},{type:"integer",minimum:4,maximum:64}]},aspect:{enum:["4:3","3:2","16:9","1:1"]},series:{oneOf:[{type:"object",
properties:{kind:{const:"single"}},required:["kind"],additionalProperties:!1},{type:"object",properties:{kind:{const:"br\
acket"},frames:{type:"integer",minimum:2,maximum:9},stepClicks:{type:"integer",minimum:1,maximum:9},order:{enum:["middle\
-first","dark-first","bright-first"]}},required:["kind","frames","stepClicks","order"],additionalProperties:!1},{type:"o\
bject",properties:{kind:{const:"burst"},frames:{type:"integer",minimum:3,maximum:60}},required:["kind","frames"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"focus"},places:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,
maximum:25},maxItems:30}]},nearDioptres:{type:"number",minimum:-1,maximum:25},farDioptres:{type:"number",minimum:-1,maximum:25},
overlap:{type:"number",minimum:0,maximum:.8}},required:["kind","places","nearDioptres","farDioptres","overlap"],additionalProperties:!1},
{type:"object",properties:{kind:{const:"interval"},everyS:{type:"integer",minimum:1,maximum:3600},frames:{type:"integer",
minimum:2,maximum:999},exposure:{enum:["held","metered"]},lightS:{type:"integer",minimum:0,maximum:86400}},required:["ki\
nd","everyS","frames","exposure","lightS"],additionalProperties:!1},{type:"object",properties:{kind:{const:"long"},totalS:{
type:"integer",minimum:30,maximum:7200},gather:{enum:["mean","sum","brightest"]}},required:["kind","totalS","gather"],additionalProperties:!1}]},
delayS:{enum:[0,2,3,10,20]}},required:["version","lens","crop","time","iso","compClicks","meter","support","stabiliserSt\
ops","filterStops","torch","flash","subject","mainsHz","sizeMp","focus","white","files","jpegQuality","average","aspect",
"series","delayS"],additionalProperties:!1},ve=Object.prototype.hasOwnProperty,be=new RegExp("^[a-z0-9-]{1,32}$","u");function F(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let w;if(t.version===void 0&&(w="version")||t.lens===void 0&&(w="lens")||t.crop===void 0&&(w="crop")||
t.time===void 0&&(w="time")||t.iso===void 0&&(w="iso")||t.compClicks===void 0&&(w="compClicks")||t.meter===void 0&&(w="m\
eter")||t.support===void 0&&(w="support")||t.stabiliserStops===void 0&&(w="stabiliserStops")||t.filterStops===void 0&&(w=
"filterStops")||t.torch===void 0&&(w="torch")||t.flash===void 0&&(w="flash")||t.subject===void 0&&(w="subject")||t.mainsHz===
void 0&&(w="mainsHz")||t.sizeMp===void 0&&(w="sizeMp")||t.focus===void 0&&(w="focus")||t.white===void 0&&(w="white")||t.
files===void 0&&(w="files")||t.jpegQuality===void 0&&(w="jpegQuality")||t.average===void 0&&(w="average")||t.aspect===void 0&&
(w="aspect")||t.series===void 0&&(w="series")||t.delayS===void 0&&(w="delayS"))return F.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:w}}],!1;{const B=e;for(const i in t)if(!ve.call(te.properties,i)){
return F.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(B===e){if(t.version!==void 0){const i=e;if(t.version!==8)return F.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=i===e}else var a=!0;if(a){if(t.lens!==void 0){
let i=t.lens;const H=e;if(e===H)if(typeof i=="string"){if(!be.test(i))return F.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return F.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=H===e}else var a=!0;if(a){if(t.
crop!==void 0){let i=t.crop;const H=e;if(e===H)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return F.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return F.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return F.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=H===e}else var a=!0;if(a){if(t.time!==void 0){let i=t.time;const H=e,G=e;let A=!1,D=null;const I=e;if(e===
I)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const n in i)if(n!=="mode"){const c={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e&&i.mode!==
void 0&&i.mode!=="auto"){const n={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const f={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var M=I===e;M&&(A=!0,
D=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="click")){const c={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[c]:r.push(c),e++}var P=n===e}else var P=!0;if(P)if(i.click!==void 0){let n=i.click;const c=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===c&&typeof n=="number"&&
isFinite(n)){if(n>18||isNaN(n)){const u={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[u]:r.push(u),e++}else if(n<-39||isNaN(n)){
const u={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[u]:r.push(u),e++}}var P=c===e}else var P=!0}}}else{const f={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var M=K===e;if(M&&A?(A=!1,D=[D,1]):M&&(A=!0,D=1),A)e=G,r!==null&&(G?r.length=G:r=null);else{const f={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:D}};return r===null?r=[f]:r.push(f),e++,
F.errors=r,!1}var a=H===e}else var a=!0;if(a){if(t.iso!==void 0){let i=t.iso;const H=e,G=e;let A=!1,D=null;const I=e;if(e===
I)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const n in i)if(n!=="mode"){const c={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e&&i.mode!==void 0&&
i.mode!=="auto"){const n={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[n]:r.push(n),e++}}}else{const f={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var $=I===e;$&&(A=!0,D=0);
const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="click")){const c={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[c]:r.push(c),e++}var k=n===e}else var k=!0;if(k)if(i.click!==void 0){let n=i.click;const c=e;if(!(typeof n=="num\
ber"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===c&&typeof n=="number"&&isFinite(
n)){if(n>24||isNaN(n)){const u={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[u]:r.push(u),e++}else if(n<-6||isNaN(n)){const u={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[u]:r.push(u),e++}}var k=c===e}else var k=!0}}}else{const f={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var $=K===e;if($&&A?(A=!1,D=[D,1]):
$&&(A=!0,D=1),A)e=G,r!==null&&(G?r.length=G:r=null);else{const f={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:D}};return r===null?r=[f]:r.push(f),e++,F.errors=r,!1}var a=H===e}else var a=!0;
if(a){if(t.compClicks!==void 0){let i=t.compClicks;const H=e;if(e===H)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return F.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return F.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let A;if(A=i/.5,A!==parseInt(A))return F.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return F.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=H===e}else var a=!0;if(a){if(t.meter!==void 0){let i=t.meter;const H=e;if(e===H)if(i&&typeof i==
"object"&&!Array.isArray(i)){let A;if(i.pattern===void 0&&(A="pattern")||i.spot===void 0&&(A="spot")||i.lockedEv100===void 0&&
(A="lockedEv100"))return F.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:A}}],!1;{const D=e;for(const I in i)if(!(I==="pattern"||I==="spot"||I==="lockedEv100")){return F.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:I}}],!1;break}if(D===e){if(i.pattern!==void 0){let I=i.pattern;const K=e;if(!(I==="whole"||I==="centr\
e"||I==="spot"||I==="highlights"))return F.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:te.properties.meter.properties.pattern.enum}}],!1;var N=K===e}else
var N=!0;if(N){if(i.spot!==void 0){let I=i.spot;const K=e;if(e===K)if(I&&typeof I=="object"&&!Array.isArray(I)){let f;if(I.
x===void 0&&(f="x")||I.y===void 0&&(f="y"))return F.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:f}}],!1;{const C=e;for(const n in I)if(!(n==="x"||
n==="y")){return F.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(C===e){if(I.x!==void 0){let n=I.x;const c=e;
if(e===c)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return F.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(n<0||
isNaN(n))return F.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return F.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var g=c===e}else var g=!0;
if(g)if(I.y!==void 0){let n=I.y;const c=e;if(e===c)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n))return F.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(n<0||isNaN(n))return F.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return F.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var g=c===e}else var g=!0}}}else return F.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var N=K===e}else var N=!0;if(N)if(i.
lockedEv100!==void 0){let I=i.lockedEv100;const K=e;if(!(typeof I=="number"&&isFinite(I))&&I!==null)return F.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:te.properties.
meter.properties.lockedEv100.type}}],!1;if(e===K&&typeof I=="number"&&isFinite(I)){if(I>30||isNaN(I))return F.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(I<-20||isNaN(I))return F.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var N=K===e}else var N=!0}}}}else
return F.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=H===e}else var a=!0;if(a){if(t.support!==void 0){let i=t.support;const H=e;if(!(i==="hand"||i==="tripod"))return F.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:te.properties.
support.enum}}],!1;var a=H===e}else var a=!0;if(a){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const H=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return F.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===H&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return F.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return F.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=H===e}else var a=!0;
if(a){if(t.filterStops!==void 0){let i=t.filterStops;const H=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return F.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===H&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return F.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return F.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=H===e}else var a=!0;if(a){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return F.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=i===e}else var a=!0;if(a){if(t.flash!==void 0){let i=t.flash;const H=e;if(!(i==="off"||i==="begin"||i==="end"))
return F.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:te.properties.
flash.enum}}],!1;var a=H===e}else var a=!0;if(a){if(t.subject!==void 0){let i=t.subject;const H=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return F.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:te.properties.subject.enum}}],!1;var a=H===e}else var a=!0;if(a){if(t.
mainsHz!==void 0){let i=t.mainsHz;const H=e;if(!(i===50||i===60))return F.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:te.properties.mainsHz.enum}}],!1;var a=H===e}else var a=!0;
if(a){if(t.sizeMp!==void 0){let i=t.sizeMp;const H=e;if(!(i===12||i===3))return F.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:te.properties.sizeMp.enum}}],!1;var a=H===e}else var a=!0;
if(a){if(t.focus!==void 0){let i=t.focus;const H=e,G=e;let A=!1,D=null;const I=e;if(e===I)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.spot===void 0&&(f="spot")||i.follow===void 0&&(f="follow")){const C={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="spot"||n==="follow")){const c={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="auto"){const c={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[c]:r.push(c),e++}var U=n===e}else var U=!0;if(U){if(i.spot!==void 0){let n=i.spot;const c=e;if(e===c)if(n&&typeof n==
"object"&&!Array.isArray(n)){let u;if(n.x===void 0&&(u="x")||n.y===void 0&&(u="y")){const j={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:u}};r===null?
r=[j]:r.push(j),e++}else{const j=e;for(const L in n)if(!(L==="x"||L==="y")){const b={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:L}};
r===null?r=[b]:r.push(b),e++;break}if(j===e){if(n.x!==void 0){let L=n.x;const b=e;if(e===b)if(typeof L=="number"&&isFinite(
L)){if(L>1||isNaN(L)){const x={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[x]:r.push(x),e++}else if(L<0||isNaN(L)){
const x={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[x]:r.push(x),e++}}else{const x={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[x]:r.push(
x),e++}var Y=b===e}else var Y=!0;if(Y)if(n.y!==void 0){let L=n.y;const b=e;if(e===b)if(typeof L=="number"&&isFinite(L)){
if(L>1||isNaN(L)){const V={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[V]:r.push(V),e++}else if(L<0||isNaN(L)){const V={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[V]:r.push(V),e++}}else{const V={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[V]:r.push(
V),e++}var Y=b===e}else var Y=!0}}}else{const u={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var U=c===e}else var U=!0;if(U)if(i.
follow!==void 0){const n=e;if(typeof i.follow!="boolean"){const R={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[R]:r.push(R),e++}var U=n===
e}else var U=!0}}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var O=I===e;O&&(A=!0,D=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.dioptres===void 0&&(f="dioptres")){const C={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),
e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="dioptres")){const c={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:
r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[c]:r.push(c),
e++}var m=n===e}else var m=!0;if(m)if(i.dioptres!==void 0){let n=i.dioptres;const c=e;if(e===c)if(typeof n=="number"&&isFinite(
n)){if(n>25||isNaN(n)){const u={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[u]:r.push(u),e++}else if(n<-1||isNaN(n)){const u={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var m=c===
e}else var m=!0}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var O=K===e;if(O&&A?(A=!1,D=[D,1]):O&&(A=!0,D=1),A)e=G,r!==null&&(G?r.length=
G:r=null);else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:D}};
return r===null?r=[f]:r.push(f),e++,F.errors=r,!1}var a=H===e}else var a=!0;if(a){if(t.white!==void 0){let i=t.white;const H=e,
G=e;let A=!1,D=null;const I=e;if(e===I)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||
i.locked===void 0&&(f="locked")){const C={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n===
"locked")){const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;
if(i.mode!=="auto"){const c={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[c]:r.push(c),e++}var T=n===e}else var T=!0;if(T)if(i.locked!==
void 0){let n=i.locked;const c=e,R=e;let u=!1,j=null;const L=e;if(n!==null){const V={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[V]:r.push(V),
e++}var W=L===e;W&&(u=!0,j=0);const b=e;if(e===b)if(n&&typeof n=="object"&&!Array.isArray(n)){let V;if(n.kelvin===void 0&&
(V="kelvin")||n.tint===void 0&&(V="tint")){const E={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:V}};r===null?r=[E]:r.push(E),e++}else{const E=e;
for(const re in n)if(!(re==="kelvin"||re==="tint")){const se={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:re}};
r===null?r=[se]:r.push(se),e++;break}if(E===e){if(n.kelvin!==void 0){let re=n.kelvin;const se=e;if(e===se)if(typeof re==
"number"&&isFinite(re)){if(re>12e3||isNaN(re)){const ee={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/\
white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[ee]:r.push(ee),e++}else if(re<2e3||isNaN(re)){const ee={instancePath:s+"/white/locked/kelvin",schemaPath:"#/\
properties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",
limit:2e3}};r===null?r=[ee]:r.push(ee),e++}}else{const ee={instancePath:s+"/white/locked/kelvin",schemaPath:"#/propertie\
s/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ee]:
r.push(ee),e++}var d=se===e}else var d=!0;if(d)if(n.tint!==void 0){let re=n.tint;const se=e;if(e===se)if(typeof re=="num\
ber"&&isFinite(re)){if(re>30||isNaN(re)){const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/on\
eOf/0/properties/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=
[ie]:r.push(ie),e++}else if(re<-30||isNaN(re)){const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===
null?r=[ie]:r.push(ie),e++}}else{const ie={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/pr\
operties/locked/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[ie]:r.push(ie),e++}var d=se===
e}else var d=!0}}}else{const V={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[V]:r.push(V),e++}var W=b===e;if(W&&u?(u=!1,j=[j,1]):W&&
(u=!0,j=1),u)e=R,r!==null&&(R?r.length=R:r=null);else{const V={instancePath:s+"/white/locked",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf",keyword:"oneOf",params:{passingSchemas:j}};r===null?r=[V]:r.push(V),e++}var T=c===
e}else var T=!0}}}else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var p=I===e;p&&(A=!0,D=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.kelvin===void 0&&(f="kelvin")||i.tint===void 0&&(f="tint")){const C={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="mode"||n==="kelvin"||n==="tint")){const c={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};
r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.mode!==void 0){const n=e;if(i.mode!=="held"){const c={instancePath:s+"\
/white/mode",schemaPath:"#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};
r===null?r=[c]:r.push(c),e++}var o=n===e}else var o=!0;if(o){if(i.kelvin!==void 0){let n=i.kelvin;const c=e;if(e===c)if(typeof n==
"number"&&isFinite(n)){if(n>12e3||isNaN(n)){const u={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf\
/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[u]:r.push(u),e++}else if(n<
2e3||isNaN(n)){const u={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",
keyword:"minimum",params:{comparison:">=",limit:2e3}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/white\
/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?
r=[u]:r.push(u),e++}var o=c===e}else var o=!0;if(o)if(i.tint!==void 0){let n=i.tint;const c=e;if(e===c)if(typeof n=="num\
ber"&&isFinite(n)){if(n>30||isNaN(n)){const u={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/prope\
rties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[u]:r.push(u),e++}else if(n<-30||isNaN(
n)){const u={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minim\
um",params:{comparison:">=",limit:-30}};r===null?r=[u]:r.push(u),e++}}else{const u={instancePath:s+"/white/tint",schemaPath:"\
#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[u]:r.push(u),e++}var o=c===
e}else var o=!0}}}}else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var p=K===e;if(p&&A?(A=!1,D=[D,1]):p&&(A=!0,D=1),A)e=G,r!==null&&(G?r.length=
G:r=null);else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:D}};
return r===null?r=[f]:r.push(f),e++,F.errors=r,!1}var a=H===e}else var a=!0;if(a){if(t.files!==void 0){let i=t.files;const H=e;
if(!(i==="dng"||i==="dng+jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return F.errors=[{instancePath:s+"/files",schemaPath:"\
#/properties/files/enum",keyword:"enum",params:{allowedValues:te.properties.files.enum}}],!1;var a=H===e}else var a=!0;if(a){
if(t.jpegQuality!==void 0){let i=t.jpegQuality;const H=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return F.
errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===H&&typeof i=="number"&&isFinite(i)){if(i>100||isNaN(i))return F.errors=[{instancePath:s+"/jpegQuality",schemaPath:"\
#/properties/jpegQuality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return F.errors=
[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",
limit:60}}],!1}var a=H===e}else var a=!0;if(a){if(t.average!==void 0){let i=t.average;const H=e,G=e;let A=!1,D=null;const I=e;
if(i!==1){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};
r===null?r=[f]:r.push(f),e++}var z=I===e;z&&(A=!0,D=0);const K=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){
const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};
r===null?r=[f]:r.push(f),e++}if(e===K&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const f={instancePath:s+"/ave\
rage",schemaPath:"#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=
[f]:r.push(f),e++}else if(i<4||isNaN(i)){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/min\
imum",keyword:"minimum",params:{comparison:">=",limit:4}};r===null?r=[f]:r.push(f),e++}}var z=K===e;if(z&&A?(A=!1,D=[D,1]):
z&&(A=!0,D=1),A)e=G,r!==null&&(G?r.length=G:r=null);else{const f={instancePath:s+"/average",schemaPath:"#/properties/ave\
rage/oneOf",keyword:"oneOf",params:{passingSchemas:D}};return r===null?r=[f]:r.push(f),e++,F.errors=r,!1}var a=H===e}else
var a=!0;if(a){if(t.aspect!==void 0){let i=t.aspect;const H=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return F.
errors=[{instancePath:s+"/aspect",schemaPath:"#/properties/aspect/enum",keyword:"enum",params:{allowedValues:te.properties.
aspect.enum}}],!1;var a=H===e}else var a=!0;if(a){if(t.series!==void 0){let i=t.series;const H=e,G=e;let A=!1,D=null;const I=e;
if(e===I)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.kind===void 0&&(f="kind")){const C={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.
push(C),e++}else{const C=e;for(const n in i)if(n!=="kind"){const c={instancePath:s+"/series",schemaPath:"#/properties/se\
ries/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),
e++;break}if(C===e&&i.kind!==void 0&&i.kind!=="single"){const n={instancePath:s+"/series/kind",schemaPath:"#/properties/\
series/oneOf/0/properties/kind/const",keyword:"const",params:{allowedValue:"single"}};r===null?r=[n]:r.push(n),e++}}}else{
const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===
null?r=[f]:r.push(f),e++}var v=I===e;v&&(A=!0,D=0);const K=e;if(e===K)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;
if(i.kind===void 0&&(f="kind")||i.frames===void 0&&(f="frames")||i.stepClicks===void 0&&(f="stepClicks")||i.order===void 0&&
(f="order")){const C={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{
missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const n in i)if(!(n==="kind"||n==="frames"||n==="ste\
pClicks"||n==="order")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[c]:r.push(c),e++;break}if(C===e){if(i.kind!==void 0){
const n=e;if(i.kind!=="bracket"){const c={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properti\
es/kind/const",keyword:"const",params:{allowedValue:"bracket"}};r===null?r=[c]:r.push(c),e++}var y=n===e}else var y=!0;if(y){
if(i.frames!==void 0){let n=i.frames;const c=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};
r===null?r=[u]:r.push(u),e++}if(e===c&&typeof n=="number"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:s+"/seri\
es/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<2||isNaN(n)){const u={instancePath:s+"/series/frames",schemaPath:"#/pro\
perties/series/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[u]:r.push(
u),e++}}var y=c===e}else var y=!0;if(y){if(i.stepClicks!==void 0){let n=i.stepClicks;const c=e;if(!(typeof n=="number"&&
!(n%1)&&!isNaN(n)&&isFinite(n))){const u={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/pr\
operties/stepClicks/type",keyword:"type",params:{type:"integer"}};r===null?r=[u]:r.push(u),e++}if(e===c&&typeof n=="numb\
er"&&isFinite(n)){if(n>9||isNaN(n)){const u={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1\
/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[u]:r.push(u),e++}else if(n<
1||isNaN(n)){const u={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/\
minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[u]:r.push(u),e++}}var y=c===e}else var y=!0;if(y)
if(i.order!==void 0){let n=i.order;const c=e;if(!(n==="middle-first"||n==="dark-first"||n==="bright-first")){const u={instancePath:s+
"/series/order",schemaPath:"#/properties/series/oneOf/1/properties/order/enum",keyword:"enum",params:{allowedValues:te.properties.
series.oneOf[1].properties.order.enum}};r===null?r=[u]:r.push(u),e++}var y=c===e}else var y=!0}}}}}else{const f={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),
e++}var v=K===e;if(v&&A)A=!1,D=[D,1];else{v&&(A=!0,D=1);const f=e;if(e===f)if(i&&typeof i=="object"&&!Array.isArray(i)){
let n;if(i.kind===void 0&&(n="kind")||i.frames===void 0&&(n="frames")){const c={instancePath:s+"/series",schemaPath:"#/p\
roperties/series/oneOf/2/required",keyword:"required",params:{missingProperty:n}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const R in i)if(!(R==="kind"||R==="frames")){const u={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:R}};r===null?r=[u]:r.push(u),e++;break}
if(c===e){if(i.kind!==void 0){const R=e;if(i.kind!=="burst"){const u={instancePath:s+"/series/kind",schemaPath:"#/proper\
ties/series/oneOf/2/properties/kind/const",keyword:"const",params:{allowedValue:"burst"}};r===null?r=[u]:r.push(u),e++}var _=R===
e}else var _=!0;if(_)if(i.frames!==void 0){let R=i.frames;const u=e;if(!(typeof R=="number"&&!(R%1)&&!isNaN(R)&&isFinite(
R))){const L={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[L]:r.push(L),e++}if(e===u&&typeof R=="number"&&isFinite(R)){if(R>60||isNaN(R)){
const L={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:60}};r===null?r=[L]:r.push(L),e++}else if(R<3||isNaN(R)){const L={instancePath:s+"/s\
eries/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">\
=",limit:3}};r===null?r=[L]:r.push(L),e++}}var _=u===e}else var _=!0}}}else{const n={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var v=f===e;if(v&&
A)A=!1,D=[D,2];else{v&&(A=!0,D=2);const n=e;if(e===n)if(i&&typeof i=="object"&&!Array.isArray(i)){let R;if(i.kind===void 0&&
(R="kind")||i.places===void 0&&(R="places")||i.nearDioptres===void 0&&(R="nearDioptres")||i.farDioptres===void 0&&(R="fa\
rDioptres")||i.overlap===void 0&&(R="overlap")){const u={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/\
3/required",keyword:"required",params:{missingProperty:R}};r===null?r=[u]:r.push(u),e++}else{const u=e;for(const j in i)
if(!(j==="kind"||j==="places"||j==="nearDioptres"||j==="farDioptres"||j==="overlap")){const L={instancePath:s+"/series",
schemaPath:"#/properties/series/oneOf/3/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:j}};
r===null?r=[L]:r.push(L),e++;break}if(u===e){if(i.kind!==void 0){const j=e;if(i.kind!=="focus"){const L={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/3/properties/kind/const",keyword:"const",params:{allowedValue:"focu\
s"}};r===null?r=[L]:r.push(L),e++}var S=j===e}else var S=!0;if(S){if(i.places!==void 0){let j=i.places;const L=e,b=e;let x=!1,
V=null;const E=e;if(j!==null){const ee={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[ee]:r.push(ee),e++}var h=E===e;h&&(x=!0,V=0);const re=e;
if(e===re)if(Array.isArray(j))if(j.length>30){const ee={instancePath:s+"/series/places",schemaPath:"#/properties/series/\
oneOf/3/properties/places/oneOf/1/maxItems",keyword:"maxItems",params:{limit:30}};r===null?r=[ee]:r.push(ee),e++}else{var le=!0;
const ee=j.length;for(let ie=0;ie<ee;ie++){let he=j[ie];const we=e;if(e===we)if(typeof he=="number"&&isFinite(he)){if(he>
25||isNaN(he)){const ye={instancePath:s+"/series/places/"+ie,schemaPath:"#/properties/series/oneOf/3/properties/places/o\
neOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[ye]:r.push(ye),e++}else if(he<-1||
isNaN(he)){const ye={instancePath:s+"/series/places/"+ie,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf\
/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[ye]:r.push(ye),e++}}else{const ye={instancePath:s+
"/series/places/"+ie,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[ye]:r.push(ye),e++}var le=we===e;if(!le)break}}else{const ee={instancePath:s+"/series/places",
schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=
[ee]:r.push(ee),e++}var h=re===e;if(h&&x?(x=!1,V=[V,1]):h&&(x=!0,V=1),x)e=b,r!==null&&(b?r.length=b:r=null);else{const ee={
instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{
passingSchemas:V}};r===null?r=[ee]:r.push(ee),e++}var S=L===e}else var S=!0;if(S){if(i.nearDioptres!==void 0){let j=i.nearDioptres;
const L=e;if(e===L)if(typeof j=="number"&&isFinite(j)){if(j>25||isNaN(j)){const x={instancePath:s+"/series/nearDioptres",
schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};
r===null?r=[x]:r.push(x),e++}else if(j<-1||isNaN(j)){const x={instancePath:s+"/series/nearDioptres",schemaPath:"#/proper\
ties/series/oneOf/3/properties/nearDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[x]:
r.push(x),e++}}else{const x={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/ne\
arDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[x]:r.push(x),e++}var S=L===e}else var S=!0;if(S){if(i.
farDioptres!==void 0){let j=i.farDioptres;const L=e;if(e===L)if(typeof j=="number"&&isFinite(j)){if(j>25||isNaN(j)){const x={
instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"ma\
ximum",params:{comparison:"<=",limit:25}};r===null?r=[x]:r.push(x),e++}else if(j<-1||isNaN(j)){const x={instancePath:s+"\
/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}};r===null?r=[x]:r.push(x),e++}}else{const x={instancePath:s+"/series/farDioptres",schemaPath:"#/properties\
/series/oneOf/3/properties/farDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[x]:r.push(x),e++}var S=L===
e}else var S=!0;if(S)if(i.overlap!==void 0){let j=i.overlap;const L=e;if(e===L)if(typeof j=="number"&&isFinite(j)){if(j>
.8||isNaN(j)){const x={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maxim\
um",keyword:"maximum",params:{comparison:"<=",limit:.8}};r===null?r=[x]:r.push(x),e++}else if(j<0||isNaN(j)){const x={instancePath:s+
"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}};r===null?r=[x]:r.push(x),e++}}else{const x={instancePath:s+"/series/overlap",schemaPath:"#/properties/seri\
es/oneOf/3/properties/overlap/type",keyword:"type",params:{type:"number"}};r===null?r=[x]:r.push(x),e++}var S=L===e}else
var S=!0}}}}}}else{const R={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{
type:"object"}};r===null?r=[R]:r.push(R),e++}var v=n===e;if(v&&A)A=!1,D=[D,3];else{v&&(A=!0,D=3);const R=e;if(e===R)if(i&&
typeof i=="object"&&!Array.isArray(i)){let j;if(i.kind===void 0&&(j="kind")||i.everyS===void 0&&(j="everyS")||i.frames===
void 0&&(j="frames")||i.exposure===void 0&&(j="exposure")||i.lightS===void 0&&(j="lightS")){const L={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/4/required",keyword:"required",params:{missingProperty:j}};r===null?r=[L]:r.
push(L),e++}else{const L=e;for(const b in i)if(!(b==="kind"||b==="everyS"||b==="frames"||b==="exposure"||b==="lightS")){
const x={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/additionalProperties",keyword:"additionalPrope\
rties",params:{additionalProperty:b}};r===null?r=[x]:r.push(x),e++;break}if(L===e){if(i.kind!==void 0){const b=e;if(i.kind!==
"interval"){const x={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"\
const",params:{allowedValue:"interval"}};r===null?r=[x]:r.push(x),e++}var Q=b===e}else var Q=!0;if(Q){if(i.everyS!==void 0){
let b=i.everyS;const x=e;if(!(typeof b=="number"&&!(b%1)&&!isNaN(b)&&isFinite(b))){const E={instancePath:s+"/series/ever\
yS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[
E]:r.push(E),e++}if(e===x&&typeof b=="number"&&isFinite(b)){if(b>3600||isNaN(b)){const E={instancePath:s+"/series/everyS",
schemaPath:"#/properties/series/oneOf/4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};
r===null?r=[E]:r.push(E),e++}else if(b<1||isNaN(b)){const E={instancePath:s+"/series/everyS",schemaPath:"#/properties/se\
ries/oneOf/4/properties/everyS/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[E]:r.push(E),e++}}
var Q=x===e}else var Q=!0;if(Q){if(i.frames!==void 0){let b=i.frames;const x=e;if(!(typeof b=="number"&&!(b%1)&&!isNaN(b)&&
isFinite(b))){const E={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[E]:r.push(E),e++}if(e===x&&typeof b=="number"&&isFinite(b)){if(b>999||isNaN(b)){
const E={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:999}};r===null?r=[E]:r.push(E),e++}else if(b<2||isNaN(b)){const E={instancePath:s+"/\
series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:2}};r===null?r=[E]:r.push(E),e++}}var Q=x===e}else var Q=!0;if(Q){if(i.exposure!==void 0){let b=i.exposure;const x=e;
if(!(b==="held"||b==="metered")){const E={instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/prop\
erties/exposure/enum",keyword:"enum",params:{allowedValues:te.properties.series.oneOf[4].properties.exposure.enum}};r===
null?r=[E]:r.push(E),e++}var Q=x===e}else var Q=!0;if(Q)if(i.lightS!==void 0){let b=i.lightS;const x=e;if(!(typeof b=="n\
umber"&&!(b%1)&&!isNaN(b)&&isFinite(b))){const E={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/\
4/properties/lightS/type",keyword:"type",params:{type:"integer"}};r===null?r=[E]:r.push(E),e++}if(e===x&&typeof b=="numb\
er"&&isFinite(b)){if(b>86400||isNaN(b)){const E={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4\
/properties/lightS/maximum",keyword:"maximum",params:{comparison:"<=",limit:86400}};r===null?r=[E]:r.push(E),e++}else if(b<
0||isNaN(b)){const E={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[E]:r.push(E),e++}}var Q=x===e}else var Q=!0}}}}}}else{const j={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/type",keyword:"type",params:{type:"object"}};r===null?r=
[j]:r.push(j),e++}var v=R===e;if(v&&A)A=!1,D=[D,4];else{v&&(A=!0,D=4);const j=e;if(e===j)if(i&&typeof i=="object"&&!Array.
isArray(i)){let b;if(i.kind===void 0&&(b="kind")||i.totalS===void 0&&(b="totalS")||i.gather===void 0&&(b="gather")){const x={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/required",keyword:"required",params:{missingProperty:b}};
r===null?r=[x]:r.push(x),e++}else{const x=e;for(const V in i)if(!(V==="kind"||V==="totalS"||V==="gather")){const E={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}};
r===null?r=[E]:r.push(E),e++;break}if(x===e){if(i.kind!==void 0){const V=e;if(i.kind!=="long"){const E={instancePath:s+"\
/series/kind",schemaPath:"#/properties/series/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};
r===null?r=[E]:r.push(E),e++}var l=V===e}else var l=!0;if(l){if(i.totalS!==void 0){let V=i.totalS;const E=e;if(!(typeof V==
"number"&&!(V%1)&&!isNaN(V)&&isFinite(V))){const se={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/one\
Of/5/properties/totalS/type",keyword:"type",params:{type:"integer"}};r===null?r=[se]:r.push(se),e++}if(e===E&&typeof V==
"number"&&isFinite(V)){if(V>7200||isNaN(V)){const se={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/on\
eOf/5/properties/totalS/maximum",keyword:"maximum",params:{comparison:"<=",limit:7200}};r===null?r=[se]:r.push(se),e++}else if(V<
30||isNaN(V)){const se={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:30}};r===null?r=[se]:r.push(se),e++}}var l=E===e}else var l=!0;if(l)if(i.
gather!==void 0){let V=i.gather;const E=e;if(!(V==="mean"||V==="sum"||V==="brightest")){const se={instancePath:s+"/serie\
s/gather",schemaPath:"#/properties/series/oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:te.properties.
series.oneOf[5].properties.gather.enum}};r===null?r=[se]:r.push(se),e++}var l=E===e}else var l=!0}}}}else{const b={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[b]:r.push(b),
e++}var v=j===e;v&&A?(A=!1,D=[D,5]):v&&(A=!0,D=5)}}}}if(A)e=G,r!==null&&(G?r.length=G:r=null);else{const f={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:D}};return r===null?r=[f]:r.push(
f),e++,F.errors=r,!1}var a=H===e}else var a=!0;if(a)if(t.delayS!==void 0){let i=t.delayS;const H=e;if(!(i===0||i===2||i===
3||i===10||i===20))return F.errors=[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{
allowedValues:te.properties.delayS.enum}}],!1;var a=H===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return F.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return F.errors=r,e===0}const Se=Z,ne={$id:"velmo/prefere\
nces/6",type:"object",properties:{version:{const:6},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{
over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{
oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:[
"on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,
maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},
rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[
0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{
enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","\
pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1},focusing:{type:"o\
bject",properties:{unit:{enum:["m","ft"]},loupeZoom:{enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"bo\
olean"}},required:["unit","loupeZoom","loupeWithFocus","beforeCapture"],additionalProperties:!1},delaySound:{type:"boole\
an"},lightAhead:{enum:["fitting","always","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},
count:{type:"integer",minimum:1,maximum:1e9}},required:["pattern","count"],additionalProperties:!1}},required:["version",
"compStepClicks","monitors","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},X=require("ajv/dist/runtime/ucs2length").
default;function Z(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let U;if(t.version===void 0&&(U="version")||t.compStepClicks===void 0&&(U="compSt\
epClicks")||t.monitors===void 0&&(U="monitors")||t.focusing===void 0&&(U="focusing")||t.naming===void 0&&(U="naming")||t.
delaySound===void 0&&(U="delaySound")||t.lightAhead===void 0&&(U="lightAhead"))return Z.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:U}}],!1;{const Y=e;for(const m in t)if(!(m==="version"||m==="comp\
StepClicks"||m==="monitors"||m==="focusing"||m==="delaySound"||m==="lightAhead"||m==="naming")){return Z.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(Y===e){if(t.
version!==void 0){const m=e;if(t.version!==6)return Z.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:6}}],!1;var a=m===e}else var a=!0;if(a){if(t.compStepClicks!==void 0){let m=t.
compStepClicks;const O=e;if(!(m===1||m===1.5||m===3))return Z.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/pr\
operties/compStepClicks/enum",keyword:"enum",params:{allowedValues:ne.properties.compStepClicks.enum}}],!1;var a=O===e}else
var a=!0;if(a){if(t.monitors!==void 0){let m=t.monitors;const O=e;if(e===O)if(m&&typeof m=="object"&&!Array.isArray(m)){
let d;if(m.over===void 0&&(d="over")||m.overColour===void 0&&(d="overColour")||m.under===void 0&&(d="under")||m.zebra===
void 0&&(d="zebra")||m.toneClicks===void 0&&(d="toneClicks")||m.rawHistogram===void 0&&(d="rawHistogram")||m.logHeight===
void 0&&(d="logHeight")||m.pictureHistogram===void 0&&(d="pictureHistogram")||m.allowedShare===void 0&&(d="allowedShare")||
m.peaking===void 0&&(d="peaking")||m.peakingStrength===void 0&&(d="peakingStrength")||m.peakingColour===void 0&&(d="peak\
ingColour"))return Z.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:d}}],!1;{const W=e;for(const o in m)if(!ve.call(ne.properties.monitors.properties,o)){return Z.errors=
[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:o}}],!1;break}if(W===e){if(m.over!==void 0){let o=m.over;const p=e;if(!(o==="any"||o==="red"||o==="gr\
een"||o==="blue"||o==="off"))return Z.errors=[{instancePath:s+"/monitors/over",schemaPath:"#/properties/monitors/propert\
ies/over/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.over.enum}}],!1;var P=p===e}else var P=!0;
if(P){if(m.overColour!==void 0){let o=m.overColour;const p=e;if(!(o==="pink"||o==="white"||o==="black"))return Z.errors=
[{instancePath:s+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{
allowedValues:ne.properties.monitors.properties.overColour.enum}}],!1;var P=p===e}else var P=!0;if(P){if(m.under!==void 0){
const o=e;if(typeof m.under!="boolean")return Z.errors=[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monit\
ors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var P=o===e}else var P=!0;if(P){if(m.zebra!==void 0){
let o=m.zebra;const p=e,z=e;let y=!1,v=null;const _=e;if(o!==null){const h={instancePath:s+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var k=_===
e;k&&(y=!0,v=0);const S=e;if(e===S)if(o&&typeof o=="object"&&!Array.isArray(o)){let h;if(o.on===void 0&&(h="on")||o.clicksUnder===
void 0&&(h="clicksUnder")){const Q={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/\
oneOf/1/required",keyword:"required",params:{missingProperty:h}};r===null?r=[Q]:r.push(Q),e++}else{const Q=e;for(const l in o)
if(!(l==="on"||l==="clicksUnder")){const w={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/propertie\
s/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[w]:r.push(
w),e++;break}if(Q===e){if(o.on!==void 0){const l=e;if(o.on!=="raw"){const w={instancePath:s+"/monitors/zebra/on",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[w]:r.push(w),e++}var M=l===e}else var M=!0;if(M)if(o.clicksUnder!==void 0){let l=o.clicksUnder;const w=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:
r.push(i),e++}if(e===w&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l)){const i={instancePath:s+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[i]:r.push(i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}var M=w===e}else var M=!0}}}else{const h={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[h]:r.push(h),e++}var k=S===e;if(k&&y)y=!1,v=[v,1];else{k&&(y=!0,v=1);const h=e;if(e===h)if(o&&typeof o=="obj\
ect"&&!Array.isArray(o)){let l;if(o.on===void 0&&(l="on")||o.percent===void 0&&(l="percent")){const w={instancePath:s+"/\
monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:l}};
r===null?r=[w]:r.push(w),e++}else{const w=e;for(const B in o)if(!(B==="on"||B==="percent")){const i={instancePath:s+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:B}};r===null?r=[i]:r.push(i),e++;break}if(w===e){if(o.on!==void 0){const B=e;if(o.on!==
"picture"){const i={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[i]:r.push(i),e++}var $=B===e}else var $=!0;
if($)if(o.percent!==void 0){let B=o.percent;const i=e;if(!(typeof B=="number"&&!(B%1)&&!isNaN(B)&&isFinite(B))){const G={
instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[G]:r.push(G),e++}if(e===i&&typeof B=="number"&&isFinite(B)){if(B>
109||isNaN(B)){const G={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[G]:r.push(G),e++}else if(B<
70||isNaN(B)){const G={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[G]:r.push(G),e++}}var $=i===
e}else var $=!0}}}else{const l={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var k=h===e;k&&y?(y=!1,v=[v,2]):k&&(y=!0,v=
2)}if(y)e=z,r!==null&&(z?r.length=z:r=null);else{const h={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/moni\
tors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:v}};return r===null?r=[h]:r.push(h),e++,Z.errors=r,!1}
var P=p===e}else var P=!0;if(P){if(m.toneClicks!==void 0){let o=m.toneClicks;const p=e;if(!(typeof o=="number"&&!(o%1)&&
!isNaN(o)&&isFinite(o))&&o!==null)return Z.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monit\
ors/properties/toneClicks/type",keyword:"type",params:{type:ne.properties.monitors.properties.toneClicks.type}}],!1;if(e===
p&&typeof o=="number"&&isFinite(o)){if(o>9||isNaN(o))return Z.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(o<-18||isNaN(
o))return Z.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var P=p===e}else var P=!0;if(P){if(m.rawHistogram!==void 0){
let o=m.rawHistogram;const p=e;if(!(o==="off"||o==="small"||o==="large"))return Z.errors=[{instancePath:s+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.rawHistogram.enum}}],!1;var P=p===e}else var P=!0;if(P){if(m.logHeight!==void 0){const o=e;if(typeof m.
logHeight!="boolean")return Z.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var P=o===e}else var P=!0;if(P){if(m.pictureHistogram!==void 0){
const o=e;if(typeof m.pictureHistogram!="boolean")return Z.errors=[{instancePath:s+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var P=o===e}else var P=!0;
if(P){if(m.allowedShare!==void 0){let o=m.allowedShare;const p=e;if(!(o===0||o===.001||o===.005||o===.02))return Z.errors=
[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:ne.properties.monitors.properties.allowedShare.enum}}],!1;var P=p===e}else var P=!0;if(P){if(m.peaking!==
void 0){let o=m.peaking;const p=e;if(!(o==="focusing"||o==="always"||o==="off"))return Z.errors=[{instancePath:s+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:ne.properties.
monitors.properties.peaking.enum}}],!1;var P=p===e}else var P=!0;if(P){if(m.peakingStrength!==void 0){let o=m.peakingStrength;
const p=e;if(!(o==="low"||o==="medium"||o==="high"))return Z.errors=[{instancePath:s+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.
peakingStrength.enum}}],!1;var P=p===e}else var P=!0;if(P)if(m.peakingColour!==void 0){let o=m.peakingColour;const p=e;if(!(o===
"violet"||o==="white"||o==="blue"))return Z.errors=[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:ne.properties.monitors.properties.peakingColour.
enum}}],!1;var P=p===e}else var P=!0}}}}}}}}}}}}}else return Z.errors=[{instancePath:s+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=O===e}else var a=!0;if(a){if(t.focusing!==void 0){let m=t.
focusing;const O=e;if(e===O)if(m&&typeof m=="object"&&!Array.isArray(m)){let d;if(m.unit===void 0&&(d="unit")||m.loupeZoom===
void 0&&(d="loupeZoom")||m.loupeWithFocus===void 0&&(d="loupeWithFocus")||m.beforeCapture===void 0&&(d="beforeCapture"))
return Z.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:d}}],
!1;{const W=e;for(const o in m)if(!(o==="unit"||o==="loupeZoom"||o==="loupeWithFocus"||o==="beforeCapture")){return Z.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:o}}],!1;break}if(W===e){if(m.unit!==void 0){let o=m.unit;const p=e;if(!(o==="m"||o==="ft"))return Z.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:ne.
properties.focusing.properties.unit.enum}}],!1;var N=p===e}else var N=!0;if(N){if(m.loupeZoom!==void 0){let o=m.loupeZoom;
const p=e;if(!(o===1||o===2))return Z.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:ne.properties.focusing.properties.loupeZoom.enum}}],!1;var N=p===
e}else var N=!0;if(N){if(m.loupeWithFocus!==void 0){const o=e;if(typeof m.loupeWithFocus!="boolean")return Z.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var N=o===e}else var N=!0;if(N)if(m.beforeCapture!==void 0){const o=e;if(typeof m.beforeCapture!="boolean")
return Z.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var N=o===e}else var N=!0}}}}}else return Z.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=O===e}else var a=!0;if(a){
if(t.delaySound!==void 0){const m=e;if(typeof t.delaySound!="boolean")return Z.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=m===e}else var a=!0;if(a){if(t.lightAhead!==
void 0){let m=t.lightAhead;const O=e;if(!(m==="fitting"||m==="always"||m==="never"))return Z.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:ne.properties.lightAhead.enum}}],
!1;var a=O===e}else var a=!0;if(a)if(t.naming!==void 0){let m=t.naming;const O=e;if(e===O)if(m&&typeof m=="object"&&!Array.
isArray(m)){let d;if(m.pattern===void 0&&(d="pattern")||m.count===void 0&&(d="count"))return Z.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:d}}],!1;{const W=e;for(const o in m)
if(!(o==="pattern"||o==="count")){return Z.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(W===e){if(m.pattern!==void 0){let o=m.
pattern;const p=e;if(e===p)if(typeof o=="string"){if(X(o)>80)return Z.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return Z.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var g=p===
e}else var g=!0;if(g)if(m.count!==void 0){let o=m.count;const p=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))
return Z.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===p&&typeof o=="number"&&isFinite(o)){if(o>1e9||isNaN(o))return Z.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(o<1||isNaN(o))return Z.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var g=p===e}else var g=!0}}}else return Z.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=O===e}else var a=!0}}}}}}}}else
return Z.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return Z.errors=r,e===0}
const je=q,pe={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened"]},timeS:{type:["number","null"]},iso:{type:[
"number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{type:["n\
umber","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},required:[
"kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{
type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{oneOf:[
{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"\
integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},words:{type:"object",properties:{source:{type:"string",maxLength:200},summary:{
type:"string",maxLength:200}},required:["source","summary"],additionalProperties:!1}},required:["version","id","captured\
At","camera","place","origin","timeS","iso","compClicks","lens","focusDioptres","white","clippedShare","width","height",
"average","roll","stem","series","files"],additionalProperties:!1},ge=new RegExp("^[a-z0-9-]{8,64}$","u");function q(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let d;if(t.version===void 0&&(d="version")||t.id===void 0&&(d="id")||t.capturedAt===void 0&&(d="captu\
redAt")||t.camera===void 0&&(d="camera")||t.place===void 0&&(d="place")||t.origin===void 0&&(d="origin")||t.timeS===void 0&&
(d="timeS")||t.iso===void 0&&(d="iso")||t.compClicks===void 0&&(d="compClicks")||t.lens===void 0&&(d="lens")||t.focusDioptres===
void 0&&(d="focusDioptres")||t.white===void 0&&(d="white")||t.clippedShare===void 0&&(d="clippedShare")||t.width===void 0&&
(d="width")||t.height===void 0&&(d="height")||t.average===void 0&&(d="average")||t.roll===void 0&&(d="roll")||t.stem===void 0&&
(d="stem")||t.series===void 0&&(d="series")||t.files===void 0&&(d="files"))return q.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:d}}],!1;{const W=e;for(const o in t)if(!ve.call(pe.properties,o)){
return q.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],
!1;break}if(W===e){if(t.version!==void 0){const o=e;if(t.version!==2)return q.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:2}}],!1;var a=o===e}else var a=!0;if(a){if(t.id!==void 0){
let o=t.id;const p=e;if(e===p)if(typeof o=="string"){if(!ge.test(o))return q.errors=[{instancePath:s+"/id",schemaPath:"#\
/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return q.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(t.
capturedAt!==void 0){let o=t.capturedAt;const p=e;if(e===p)if(typeof o=="number"&&isFinite(o)){if(o<0||isNaN(o))return q.
errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return q.errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"\
type",params:{type:"number"}}],!1;var a=p===e}else var a=!0;if(a){if(t.camera!==void 0){let o=t.camera;const p=e;if(!(o===
"simulated"||o==="browser"||o==="file"))return q.errors=[{instancePath:s+"/camera",schemaPath:"#/properties/camera/enum",
keyword:"enum",params:{allowedValues:pe.properties.camera.enum}}],!1;var a=p===e}else var a=!0;if(a){if(t.place!==void 0){
let o=t.place;const p=e;if(e===p)if(typeof o=="string"){if(X(o)>200)return q.errors=[{instancePath:s+"/place",schemaPath:"\
#/properties/place/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return q.errors=[{instancePath:s+"/place",
schemaPath:"#/properties/place/type",keyword:"type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(t.origin!==
void 0){let o=t.origin;const p=e;if(!(o==="raw"||o==="video-frame"||o==="photo"||o==="photo-remade"||o==="average"||o===
"opened"))return q.errors=[{instancePath:s+"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:pe.
properties.origin.enum}}],!1;var a=p===e}else var a=!0;if(a){if(t.timeS!==void 0){let o=t.timeS;const p=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null)return q.errors=[{instancePath:s+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"\
type",params:{type:pe.properties.timeS.type}}],!1;var a=p===e}else var a=!0;if(a){if(t.iso!==void 0){let o=t.iso;const p=e;
if(!(typeof o=="number"&&isFinite(o))&&o!==null)return q.errors=[{instancePath:s+"/iso",schemaPath:"#/properties/iso/typ\
e",keyword:"type",params:{type:pe.properties.iso.type}}],!1;var a=p===e}else var a=!0;if(a){if(t.compClicks!==void 0){let o=t.
compClicks;const p=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return q.errors=[{instancePath:s+"/compClicks",schemaPath:"\
#/properties/compClicks/type",keyword:"type",params:{type:pe.properties.compClicks.type}}],!1;var a=p===e}else var a=!0;
if(a){if(t.lens!==void 0){let o=t.lens;const p=e;if(typeof o!="string"&&o!==null)return q.errors=[{instancePath:s+"/lens",
schemaPath:"#/properties/lens/type",keyword:"type",params:{type:pe.properties.lens.type}}],!1;if(e===p&&typeof o=="strin\
g"&&X(o)>64)return q.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{
limit:64}}],!1;var a=p===e}else var a=!0;if(a){if(t.focusDioptres!==void 0){let o=t.focusDioptres;const p=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null)return q.errors=[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptre\
s/type",keyword:"type",params:{type:pe.properties.focusDioptres.type}}],!1;var a=p===e}else var a=!0;if(a){if(t.white!==
void 0){let o=t.white;const p=e,z=e;let y=!1,v=null;const _=e;if(o!==null){const h={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var M=_===e;M&&(y=!0,
v=0);const S=e;if(e===S)if(o&&typeof o=="object"&&!Array.isArray(o)){let h;if(o.kelvin===void 0&&(h="kelvin")||o.tint===
void 0&&(h="tint")){const Q={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",
params:{missingProperty:h}};r===null?r=[Q]:r.push(Q),e++}else{const Q=e;for(const l in o)if(!(l==="kelvin"||l==="tint")){
const w={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalPropert\
ies",params:{additionalProperty:l}};r===null?r=[w]:r.push(w),e++;break}if(Q===e){if(o.kelvin!==void 0){let l=o.kelvin;const w=e;
if(!(typeof l=="number"&&isFinite(l))){const B={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/pr\
operties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[B]:r.push(B),e++}var P=w===e}else var P=!0;if(P)
if(o.tint!==void 0){let l=o.tint;const w=e;if(!(typeof l=="number"&&isFinite(l))){const i={instancePath:s+"/white/tint",
schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[i]:r.push(
i),e++}var P=w===e}else var P=!0}}}else{const h={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"\
type",params:{type:"object"}};r===null?r=[h]:r.push(h),e++}var M=S===e;if(M&&y?(y=!1,v=[v,1]):M&&(y=!0,v=1),y)e=z,r!==null&&
(z?r.length=z:r=null);else{const h={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{
passingSchemas:v}};return r===null?r=[h]:r.push(h),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){if(t.clippedShare!==
void 0){let o=t.clippedShare;const p=e,z=e;let y=!1,v=null;const _=e;if(o!==null){const h={instancePath:s+"/clippedShare",
schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var $=_===
e;$&&(y=!0,v=0);const S=e;if(e===S)if(Array.isArray(o))if(o.length>3){const h={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[h]:r.push(h),e++}else if(o.
length<3){const h={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/minItems",keyword:"minIt\
ems",params:{limit:3}};r===null?r=[h]:r.push(h),e++}else{var k=!0;const h=o.length;for(let Q=0;Q<h;Q++){let l=o[Q];const w=e;
if(e===w)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const i={instancePath:s+"/clippedShare/"+Q,schemaPath:"#/\
properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[i]:r.push(
i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/clippedShare/"+Q,schemaPath:"#/properties/clippedShare/oneOf/1/i\
tems/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}else{const i={instancePath:s+
"/clippedShare/"+Q,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===
null?r=[i]:r.push(i),e++}var k=w===e;if(!k)break}}else{const h={instancePath:s+"/clippedShare",schemaPath:"#/properties/\
clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[h]:r.push(h),e++}var $=S===e;if($&&y?(y=!1,
v=[v,1]):$&&(y=!0,v=1),y)e=z,r!==null&&(z?r.length=z:r=null);else{const h={instancePath:s+"/clippedShare",schemaPath:"#/\
properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:v}};return r===null?r=[h]:r.push(h),e++,q.errors=r,
!1}var a=p===e}else var a=!0;if(a){if(t.width!==void 0){let o=t.width;const p=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(
o)&&isFinite(o)))return q.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===p&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o)))return q.errors=[{instancePath:s+"/width",schemaPath:"\
#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=p===e}else var a=!0;if(a){if(t.
height!==void 0){let o=t.height;const p=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return q.errors=[{instancePath:s+
"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"integer"}}],!1;if(e===p&&typeof o=="number"&&
isFinite(o)&&(o<0||isNaN(o)))return q.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var a=p===e}else var a=!0;if(a){if(t.average!==void 0){let o=t.average;const p=e,
z=e;let y=!1,v=null;const _=e;if(o!==null){const h={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/t\
ype",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var g=_===e;g&&(y=!0,v=0);const S=e;if(e===S)if(o&&
typeof o=="object"&&!Array.isArray(o)){let h;if(o.frames===void 0&&(h="frames")||o.timesLess===void 0&&(h="timesLess")){
const Q={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/required",keyword:"required",params:{missingProperty:h}};
r===null?r=[Q]:r.push(Q),e++}else{const Q=e;for(const l in o)if(!(l==="frames"||l==="timesLess")){const w={instancePath:s+
"/average",schemaPath:"#/properties/average/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[w]:r.push(w),e++;break}if(Q===e){if(o.frames!==void 0){let l=o.frames;const w=e;if(!(typeof l=="number"&&!(l%
1)&&!isNaN(l)&&isFinite(l))){const B={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properti\
es/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[B]:r.push(B),e++}if(e===w&&typeof l=="number"&&isFinite(
l)&&(l<1||isNaN(l))){const B={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properties/frame\
s/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[B]:r.push(B),e++}var N=w===e}else var N=!0;if(N)
if(o.timesLess!==void 0){let l=o.timesLess;const w=e;if(!(typeof l=="number"&&isFinite(l))&&l!==null){const i={instancePath:s+
"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/properties/timesLess/type",keyword:"type",params:{type:pe.
properties.average.oneOf[1].properties.timesLess.type}};r===null?r=[i]:r.push(i),e++}var N=w===e}else var N=!0}}}else{const h={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?
r=[h]:r.push(h),e++}var g=S===e;if(g&&y?(y=!1,v=[v,1]):g&&(y=!0,v=1),y)e=z,r!==null&&(z?r.length=z:r=null);else{const h={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{passingSchemas:v}};return r===
null?r=[h]:r.push(h),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){if(t.roll!==void 0){let o=t.roll;const p=e;if(e===
p)if(typeof o=="string"){if(X(o)>200)return q.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"\
maxLength",params:{limit:200}}],!1}else return q.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/type",keyword:"\
type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(t.stem!==void 0){let o=t.stem;const p=e;if(e===p)if(typeof o==
"string"){if(X(o)>160)return q.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/maxLength",keyword:"maxLeng\
th",params:{limit:160}}],!1;if(X(o)<1)return q.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return q.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/ty\
pe",keyword:"type",params:{type:"string"}}],!1;var a=p===e}else var a=!0;if(a){if(t.series!==void 0){let o=t.series;const p=e,
z=e;let y=!1,v=null;const _=e;if(o!==null){const h={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/typ\
e",keyword:"type",params:{type:"null"}};r===null?r=[h]:r.push(h),e++}var Y=_===e;Y&&(y=!0,v=0);const S=e;if(e===S)if(o&&
typeof o=="object"&&!Array.isArray(o)){let h;if(o.id===void 0&&(h="id")||o.kind===void 0&&(h="kind")||o.step===void 0&&(h=
"step")||o.count===void 0&&(h="count")){const Q={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/requir\
ed",keyword:"required",params:{missingProperty:h}};r===null?r=[Q]:r.push(Q),e++}else{const Q=e;for(const l in o)if(!(l===
"id"||l==="kind"||l==="step"||l==="count")){const w={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[w]:r.push(w),e++;break}if(Q===
e){if(o.id!==void 0){let l=o.id;const w=e;if(e===w)if(typeof l=="string"){if(X(l)>64){const B={instancePath:s+"/series/i\
d",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{limit:64}};r===null?r=[B]:
r.push(B),e++}}else{const B={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/type",keyword:"\
type",params:{type:"string"}};r===null?r=[B]:r.push(B),e++}var U=w===e}else var U=!0;if(U){if(o.kind!==void 0){let l=o.kind;
const w=e;if(!(l==="single"||l==="bracket"||l==="burst"||l==="focus"||l==="interval"||l==="long")){const i={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"enum",params:{allowedValues:pe.properties.
series.oneOf[1].properties.kind.enum}};r===null?r=[i]:r.push(i),e++}var U=w===e}else var U=!0;if(U){if(o.step!==void 0){
let l=o.step;const w=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/series/step",
schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:r.push(
i),e++}if(e===w&&typeof l=="number"&&isFinite(l)&&(l<0||isNaN(l))){const i={instancePath:s+"/series/step",schemaPath:"#/\
properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[i]:r.
push(i),e++}var U=w===e}else var U=!0;if(U)if(o.count!==void 0){let l=o.count;const w=e;if(!(typeof l=="number"&&!(l%1)&&
!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/properties/coun\
t/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:r.push(i),e++}if(e===w&&typeof l=="number"&&isFinite(l)&&
(l<1||isNaN(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/properties/count/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[i]:r.push(i),e++}var U=w===e}else var U=!0}}}}}else{const h={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=
[h]:r.push(h),e++}var Y=S===e;if(Y&&y?(y=!1,v=[v,1]):Y&&(y=!0,v=1),y)e=z,r!==null&&(z?r.length=z:r=null);else{const h={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:v}};return r===null?r=[h]:r.push(
h),e++,q.errors=r,!1}var a=p===e}else var a=!0;if(a){if(t.files!==void 0){let o=t.files;const p=e;if(e===p)if(Array.isArray(
o)){if(o.length>8)return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",
params:{limit:8}}],!1;if(o.length<1)return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"\
minItems",params:{limit:1}}],!1;{var m=!0;const y=o.length;for(let v=0;v<y;v++){let _=o[v];const S=e;if(e===S)if(_&&typeof _==
"object"&&!Array.isArray(_)){let h;if(_.kind===void 0&&(h="kind")||_.name===void 0&&(h="name")||_.bytes===void 0&&(h="by\
tes")||_.chunks===void 0&&(h="chunks"))return q.errors=[{instancePath:s+"/files/"+v,schemaPath:"#/properties/files/items\
/required",keyword:"required",params:{missingProperty:h}}],!1;{const Q=e;for(const l in _)if(!(l==="kind"||l==="name"||l===
"bytes"||l==="chunks")){return q.errors=[{instancePath:s+"/files/"+v,schemaPath:"#/properties/files/items/additionalProp\
erties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(Q===e){if(_.kind!==void 0){let l=_.kind;
const w=e;if(!(l==="dng"||l==="jpeg"||l==="tiff"||l==="png"||l==="webp"||l==="avif"||l==="heic"))return q.errors=[{instancePath:s+
"/files/"+v+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:pe.properties.
files.items.properties.kind.enum}}],!1;var O=w===e}else var O=!0;if(O){if(_.name!==void 0){let l=_.name;const w=e;if(e===
w)if(typeof l=="string"){if(X(l)>160)return q.errors=[{instancePath:s+"/files/"+v+"/name",schemaPath:"#/properties/files\
/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(X(l)<1)return q.errors=[{instancePath:s+
"/files/"+v+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return q.errors=[{instancePath:s+"/files/"+v+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var O=w===e}else var O=!0;if(O){if(_.bytes!==void 0){let l=_.bytes;const w=e;
if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return q.errors=[{instancePath:s+"/files/"+v+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===w&&typeof l=="number"&&
isFinite(l)&&(l<1||isNaN(l)))return q.errors=[{instancePath:s+"/files/"+v+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var O=w===e}else var O=!0;if(O)if(_.chunks!==
void 0){let l=_.chunks;const w=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return q.errors=[{instancePath:s+
"/files/"+v+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===w&&typeof l=="number"&&isFinite(l)){if(l>4096||isNaN(l))return q.errors=[{instancePath:s+"/files/"+v+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(l<1||isNaN(l))return q.errors=[{instancePath:s+"/files/"+v+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var O=w===e}else var O=!0}}}}}else return q.errors=
[{instancePath:s+"/files/"+v,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var m=S===
e;if(!m)break}}}else return q.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var a=p===e}else var a=!0;if(a){if(t.longestHandheldS!==void 0){let o=t.longestHandheldS;const p=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null)return q.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"#/properties/longestHa\
ndheldS/type",keyword:"type",params:{type:pe.properties.longestHandheldS.type}}],!1;var a=p===e}else var a=!0;if(a)if(t.
words!==void 0){let o=t.words;const p=e;if(e===p)if(o&&typeof o=="object"&&!Array.isArray(o)){let y;if(o.source===void 0&&
(y="source")||o.summary===void 0&&(y="summary"))return q.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words\
/required",keyword:"required",params:{missingProperty:y}}],!1;{const v=e;for(const _ in o)if(!(_==="source"||_==="summar\
y")){return q.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"additionalP\
roperties",params:{additionalProperty:_}}],!1;break}if(v===e){if(o.source!==void 0){let _=o.source;const S=e;if(e===S)if(typeof _==
"string"){if(X(_)>200)return q.errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/words/properties/source/\
maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return q.errors=[{instancePath:s+"/words/source",schemaPath:"\
#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var T=S===e}else var T=!0;if(T)if(o.
summary!==void 0){let _=o.summary;const S=e;if(e===S)if(typeof _=="string"){if(X(_)>200)return q.errors=[{instancePath:s+
"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return q.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/type",keyword:"type",
params:{type:"string"}}],!1;var T=S===e}else var T=!0}}}else return q.errors=[{instancePath:s+"/words",schemaPath:"#/pro\
perties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=p===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}else return q.
errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return q.errors=r,e===0}const Ae=J,
Oe={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,64}$"},capturedAt:{
type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{type:"array",
minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic"]},name:{
type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},
required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^data:image/jpeg;b\
ase64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},_e=new RegExp(
"^data:image/jpeg;base64,","u");function J(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,
e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let k;if(t.version===void 0&&(k="version")||t.id===void 0&&(k=
"id")||t.capturedAt===void 0&&(k="capturedAt")||t.source===void 0&&(k="source")||t.summary===void 0&&(k="summary")||t.files===
void 0&&(k="files")||t.thumbnail===void 0&&(k="thumbnail"))return J.errors=[{instancePath:s,schemaPath:"#/required",keyword:"\
required",params:{missingProperty:k}}],!1;{const $=e;for(const N in t)if(!(N==="version"||N==="id"||N==="capturedAt"||N===
"source"||N==="summary"||N==="files"||N==="thumbnail")){return J.errors=[{instancePath:s,schemaPath:"#/additionalPropert\
ies",keyword:"additionalProperties",params:{additionalProperty:N}}],!1;break}if($===e){if(t.version!==void 0){const N=e;
if(t.version!==1)return J.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=N===e}else var a=!0;if(a){if(t.id!==void 0){let N=t.id;const g=e;if(e===g)if(typeof N=="strin\
g"){if(!ge.test(N))return J.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return J.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=g===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let N=t.capturedAt;const g=e;
if(e===g)if(typeof N=="number"&&isFinite(N)){if(N<0||isNaN(N))return J.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return J.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=g===e}else var a=!0;
if(a){if(t.source!==void 0){let N=t.source;const g=e;if(e===g)if(typeof N=="string"){if(X(N)>200)return J.errors=[{instancePath:s+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return J.errors=[{
instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var a=g===e}else
var a=!0;if(a){if(t.summary!==void 0){let N=t.summary;const g=e;if(e===g)if(typeof N=="string"){if(X(N)>200)return J.errors=
[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return J.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var a=g===e}else var a=!0;if(a){if(t.files!==void 0){let N=t.files;const g=e;if(e===g)if(Array.isArray(N)){if(N.length>
8)return J.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(N.length<1)return J.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var P=!0;const Y=N.length;for(let m=0;m<Y;m++){let O=N[m];const T=e;if(e===T)if(O&&typeof O=="object"&&!Array.
isArray(O)){let W;if(O.kind===void 0&&(W="kind")||O.name===void 0&&(W="name")||O.bytes===void 0&&(W="bytes")||O.chunks===
void 0&&(W="chunks"))return J.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:W}}],!1;{const o=e;for(const p in O)if(!(p==="kind"||p==="name"||p==="bytes"||p==="chu\
nks")){return J.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:p}}],!1;break}if(o===e){if(O.kind!==void 0){let p=O.kind;const z=e;if(!(p===
"dng"||p==="jpeg"||p==="tiff"||p==="png"||p==="webp"||p==="avif"||p==="heic"))return J.errors=[{instancePath:s+"/files/"+
m+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:Oe.properties.
files.items.properties.kind.enum}}],!1;var M=z===e}else var M=!0;if(M){if(O.name!==void 0){let p=O.name;const z=e;if(e===
z)if(typeof p=="string"){if(X(p)>160)return J.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/properties/files\
/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(X(p)<1)return J.errors=[{instancePath:s+
"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return J.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var M=z===e}else var M=!0;if(M){if(O.bytes!==void 0){let p=O.bytes;const z=e;
if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return J.errors=[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===z&&typeof p=="number"&&
isFinite(p)&&(p<1||isNaN(p)))return J.errors=[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var M=z===e}else var M=!0;if(M)if(O.chunks!==
void 0){let p=O.chunks;const z=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p)))return J.errors=[{instancePath:s+
"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===z&&typeof p=="number"&&isFinite(p)){if(p>4096||isNaN(p))return J.errors=[{instancePath:s+"/files/"+m+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(p<1||isNaN(p))return J.errors=[{instancePath:s+"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var M=z===e}else var M=!0}}}}}else return J.errors=
[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var P=T===
e;if(!P)break}}}else return J.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var a=g===e}else var a=!0;if(a)if(t.thumbnail!==void 0){let N=t.thumbnail;const g=e;if(e===g)if(typeof N==
"string"){if(!_e.test(N))return J.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"\
pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return J.errors=[{instancePath:s+"/thumbnail",schemaPath:"\
#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=g===e}else var a=!0}}}}}}}}else return J.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return J.errors=r,e===0}const qe=oe,Pe={
$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,
maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:[
"number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},
required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function oe(t,{instancePath:s="",
parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let $;if(t.version===void 0&&($="version")||t.response===void 0&&($="response")||t.measuredAt===void 0&&($="measured\
At")||t.greyStops===void 0&&($="greyStops")||t.evOffset===void 0&&($="evOffset"))return oe.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:$}}],!1;{const N=e;for(const g in t)if(!(g==="version"||g==="resp\
onse"||g==="measuredAt"||g==="greyStops"||g==="evOffset")){return oe.errors=[{instancePath:s,schemaPath:"#/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:g}}],!1;break}if(N===e){if(t.version!==void 0){const g=e;
if(t.version!==1)return oe.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=g===e}else var a=!0;if(a){if(t.response!==void 0){let g=t.response;const U=e,Y=e;let m=!1,O=null;
const T=e;if(g!==null){const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",
params:{type:"null"}};r===null?r=[o]:r.push(o),e++}var k=T===e;k&&(m=!0,O=0);const d=e;if(e===d)if(Array.isArray(g))if(g.
length>3){const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{
limit:3}};r===null?r=[o]:r.push(o),e++}else if(g.length<3){const o={instancePath:s+"/response",schemaPath:"#/properties/\
response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[o]:r.push(o),e++}else{var P=!0;const o=g.length;
for(let p=0;p<o;p++){let z=g[p];const y=e;if(e===y)if(Array.isArray(z))if(z.length>256){const _={instancePath:s+"/respon\
se/"+p,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[_]:r.
push(_),e++}else if(z.length<256){const _={instancePath:s+"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items\
/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[_]:r.push(_),e++}else{var M=!0;const _=z.length;for(let S=0;S<
_;S++){let le=z[S];const h=e;if(e===h)if(typeof le=="number"&&isFinite(le)){if(le>1||isNaN(le)){const l={instancePath:s+
"/response/"+p+"/"+S,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[l]:r.push(l),e++}else if(le<0||isNaN(le)){const l={instancePath:s+"/response/"+p+"/"+S,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[l]:r.
push(l),e++}}else{const l={instancePath:s+"/response/"+p+"/"+S,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var M=h===e;if(!M)break}}else{const _={instancePath:s+
"/response/"+p,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[_]:
r.push(_),e++}var P=y===e;if(!P)break}}else{const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[o]:r.push(o),e++}var k=d===e;if(k&&m?(m=!1,O=[O,1]):k&&(m=!0,O=
1),m)e=Y,r!==null&&(Y?r.length=Y:r=null);else{const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:O}};return r===null?r=[o]:r.push(o),e++,oe.errors=r,!1}var a=U===e}else var a=!0;
if(a){if(t.measuredAt!==void 0){let g=t.measuredAt;const U=e;if(!(typeof g=="number"&&isFinite(g))&&g!==null)return oe.errors=
[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:Pe.properties.measuredAt.
type}}],!1;var a=U===e}else var a=!0;if(a){if(t.greyStops!==void 0){let g=t.greyStops;const U=e;if(e===U)if(typeof g=="n\
umber"&&isFinite(g)){if(g>4||isNaN(g))return oe.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(g<-4||isNaN(g))return oe.errors=[{instancePath:s+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return oe.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=U===e}else var a=!0;if(a)if(t.evOffset!==void 0){let g=t.evOffset;const U=e;if(!(typeof g=="number"&&isFinite(g))&&
g!==null)return oe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:Pe.
properties.evOffset.type}}],!1;if(e===U&&typeof g=="number"&&isFinite(g)){if(g>30||isNaN(g))return oe.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(g<-30||
isNaN(g))return oe.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=U===e}else var a=!0}}}}}}else return oe.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return oe.errors=r,e===0}const Fe=ke,ze={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function ke(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;const a=e;let P=!1,M=null;const k=e;if(e===k)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.device===
void 0&&(O="device")||t.scene===void 0&&(O="scene")){const T={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:O}};r===null?r=[T]:r.push(T),e++}else{const T=e;for(const d in t)if(!(d==="device"||d===
"scene")){const W={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}};
r===null?r=[W]:r.push(W),e++;break}if(T===e){if(t.device!==void 0){const d=e;if(t.device!=="simulated"){const W={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
W]:r.push(W),e++}var $=d===e}else var $=!0;if($)if(t.scene!==void 0){let d=t.scene;const W=e;if(e===W)if(typeof d=="stri\
ng"){if(X(d)>64){const p={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[p]:r.push(p),e++}}else{const p={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[p]:r.push(p),e++}var $=W===e}else var $=!0}}}else{const O={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var m=k===
e;m&&(P=!0,M=0);const N=e;if(e===N)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.device===void 0&&(O="device")){
const T={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:O}};r===null?r=[T]:r.
push(T),e++}else{const T=e;for(const d in t)if(!(d==="device"||d==="camera"||d==="size")){const W={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}};r===null?r=[W]:r.push(W),e++;
break}if(T===e){if(t.device!==void 0){const d=e;if(t.device!=="browser"){const W={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[W]:r.push(W),e++}var g=d===
e}else var g=!0;if(g){if(t.camera!==void 0){let d=t.camera;const W=e;if(e===W)if(d&&typeof d=="object"&&!Array.isArray(d)){
let p;if(d.id===void 0&&(p="id")||d.label===void 0&&(p="label")){const z={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:p}};r===null?r=[z]:r.push(z),e++}else{const z=e;
for(const y in d)if(!(y==="id"||y==="label")){const v={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}};r===null?r=[v]:r.push(v),e++;break}if(z===
e){if(d.id!==void 0){let y=d.id;const v=e;if(e===v)if(typeof y=="string"){if(X(y)>512){const _={instancePath:s+"/camera/\
id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[_]:r.push(_),e++}}else{const _={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[_]:r.push(_),e++}var U=v===e}else var U=!0;if(U)if(d.label!==void 0){
let y=d.label;const v=e;if(e===v)if(typeof y=="string"){if(X(y)>512){const S={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[S]:r.push(S),
e++}}else{const S={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[S]:r.push(S),e++}var U=v===e}else var U=!0}}}else{const p={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}
var g=W===e}else var g=!0;if(g)if(t.size!==void 0){let d=t.size;const W=e;if(e===W)if(d&&typeof d=="object"&&!Array.isArray(
d)){let p;if(d.width===void 0&&(p="width")||d.height===void 0&&(p="height")){const z={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:p}};r===null?r=[z]:r.push(z),e++}else{const z=e;
for(const y in d)if(!(y==="width"||y==="height")){const v={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}};r===null?r=[v]:r.push(v),e++;break}if(z===
e){if(d.width!==void 0){let y=d.width;const v=e;if(!(typeof y=="number"&&!(y%1)&&!isNaN(y)&&isFinite(y))){const _={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[_]:r.push(_),e++}if(e===v&&typeof y=="number"&&isFinite(y)){if(y>16384||isNaN(y)){const _={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[_]:r.push(_),e++}else if(y<16||isNaN(y)){const _={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[_]:r.push(_),e++}}var Y=v===
e}else var Y=!0;if(Y)if(d.height!==void 0){let y=d.height;const v=e;if(!(typeof y=="number"&&!(y%1)&&!isNaN(y)&&isFinite(
y))){const S={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[S]:r.push(S),e++}if(e===v&&typeof y=="number"&&isFinite(y)){if(y>16384||isNaN(y)){const S={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[S]:r.push(S),e++}else if(y<16||isNaN(y)){const S={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[S]:r.push(S),e++}}var Y=v===e}else var Y=!0}}}else{const p={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}var g=W===e}else var g=!0}}}}else{const O={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var m=N===
e;if(m&&P?(P=!1,M=[M,1]):m&&(P=!0,M=1),P)e=a,r!==null&&(a?r.length=a:r=null);else{const O={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:M}};return r===null?r=[O]:r.push(O),e++,ke.errors=r,!1}return ke.errors=r,
e===0}const Ce=me,xe={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]}},required:["version","roll","choice"],additionalProperties:!1};function me(t,{instancePath:s="",
parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let P;if(t.version===void 0&&(P="version")||t.roll===void 0&&(P="roll")||t.choice===void 0&&(P="choice"))return me.errors=
[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:P}}],!1;{const M=e;for(const k in t)
if(!(k==="version"||k==="roll"||k==="choice")){return me.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:k}}],!1;break}if(M===e){if(t.version!==void 0){const k=e;if(t.version!==
1)return me.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],
!1;var a=k===e}else var a=!0;if(a){if(t.roll!==void 0){let k=t.roll;const $=e;if(e===$)if(typeof k=="string"){if(X(k)>200)
return me.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],
!1}else return me.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"strin\
g"}}],!1;var a=$===e}else var a=!0;if(a)if(t.choice!==void 0){let k=t.choice;const $=e;if(!(k==="kept"||k==="dropped"||k===
null))return me.errors=[{instancePath:s+"/choice",schemaPath:"#/properties/choice/enum",keyword:"enum",params:{allowedValues:xe.
properties.choice.enum}}],!1;var a=$===e}else var a=!0}}}}else return me.errors=[{instancePath:s,schemaPath:"#/type",keyword:"\
type",params:{type:"object"}}],!1;return me.errors=r,e===0}const Le=ae,De={$id:"velmo/roll/1",type:"object",properties:{
version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,maxLength:40},madeAt:{type:"\
number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function ae(t,{instancePath:s="",
parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let P;if(t.version===void 0&&(P="version")||t.id===void 0&&(P="id")||t.name===void 0&&(P="name")||t.madeAt===void 0&&
(P="madeAt"))return ae.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:P}}],!1;
{const M=e;for(const k in t)if(!(k==="version"||k==="id"||k==="name"||k==="madeAt")){return ae.errors=[{instancePath:s,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}}],!1;break}if(M===e){if(t.version!==
void 0){const k=e;if(t.version!==1)return ae.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",
keyword:"const",params:{allowedValue:1}}],!1;var a=k===e}else var a=!0;if(a){if(t.id!==void 0){let k=t.id;const $=e;if(e===
$)if(typeof k=="string"){if(X(k)>200)return ae.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLength",keyword:"\
maxLength",params:{limit:200}}],!1;if(X(k)<1)return ae.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/minLeng\
th",keyword:"minLength",params:{limit:1}}],!1}else return ae.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/t\
ype",keyword:"type",params:{type:"string"}}],!1;var a=$===e}else var a=!0;if(a){if(t.name!==void 0){let k=t.name;const $=e;
if(e===$)if(typeof k=="string"){if(X(k)>40)return ae.errors=[{instancePath:s+"/name",schemaPath:"#/properties/name/maxLe\
ngth",keyword:"maxLength",params:{limit:40}}],!1;if(X(k)<1)return ae.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return ae.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=$===e}else var a=!0;if(a)if(t.madeAt!==void 0){
let k=t.madeAt;const $=e;if(e===$)if(typeof k=="number"&&isFinite(k)){if(k<0||isNaN(k))return ae.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ae.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=$===
e}else var a=!0}}}}}else return ae.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return ae.errors=r,e===0}const Ve=fe,He={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function fe(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let P;if(t.version===void 0&&(P="version")||t.clips===void 0&&(P="clips")||t.zebra===void 0&&
(P="zebra")||t.edges===void 0&&(P="edges"))return fe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:P}}],!1;{const M=e;for(const k in t)if(!(k==="version"||k==="clips"||k==="zebra"||k==="edges")){
return fe.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:k}}],
!1;break}if(M===e){if(t.version!==void 0){const k=e;if(t.version!==1)return fe.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=k===e}else var a=!0;if(a){if(t.clips!==void 0){
const k=e;if(typeof t.clips!="boolean")return fe.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=k===e}else var a=!0;if(a){if(t.zebra!==void 0){const k=e;if(typeof t.zebra!="bo\
olean")return fe.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=k===e}else var a=!0;if(a)if(t.edges!==void 0){const k=e;if(typeof t.edges!="boolean")return fe.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=k===e}else
var a=!0}}}}}else return fe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return fe.
errors=r,e===0}export{Fe as cameraChoice,qe as cameraLight,Ce as decision,je as frameRecord,Ve as markChoice,Ae as olderFrameRecord,Se as preferences,
Le as rollRecord,Ne as settings};
