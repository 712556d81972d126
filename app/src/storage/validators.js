/* Made of the schemas by `npm run validators`. */
const De=W,fe={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},be=Object.prototype.hasOwnProperty,Se=new RegExp("^[a-z0-9-]{1,32}$","u");function W(i,{
instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&
!Array.isArray(i)){let a;if(i.version===void 0&&(a="version")||i.lens===void 0&&(a="lens")||i.crop===void 0&&(a="crop")||
i.time===void 0&&(a="time")||i.iso===void 0&&(a="iso")||i.compClicks===void 0&&(a="compClicks")||i.meter===void 0&&(a="m\
eter")||i.support===void 0&&(a="support")||i.stabiliserStops===void 0&&(a="stabiliserStops")||i.filterStops===void 0&&(a=
"filterStops")||i.torch===void 0&&(a="torch")||i.flash===void 0&&(a="flash")||i.subject===void 0&&(a="subject")||i.mainsHz===
void 0&&(a="mainsHz")||i.sizeMp===void 0&&(a="sizeMp")||i.focus===void 0&&(a="focus")||i.white===void 0&&(a="white")||i.
files===void 0&&(a="files")||i.jpegQuality===void 0&&(a="jpegQuality")||i.average===void 0&&(a="average")||i.aspect===void 0&&
(a="aspect")||i.series===void 0&&(a="series")||i.delayS===void 0&&(a="delayS"))return W.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:a}}],!1;{const S=e;for(const t in i)if(!be.call(fe.properties,t)){
return W.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:t}}],
!1;break}if(S===e){if(i.version!==void 0){const t=e;if(i.version!==8)return W.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var p=t===e}else var p=!0;if(p){if(i.lens!==void 0){
let t=i.lens;const h=e;if(e===h)if(typeof t=="string"){if(!Se.test(t))return W.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return W.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var p=h===e}else var p=!0;if(p){if(i.
crop!==void 0){let t=i.crop;const h=e;if(e===h)if(typeof t=="number"&&isFinite(t)){if(t>4||isNaN(t))return W.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(t<1||isNaN(t))
return W.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return W.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var p=h===e}else var p=!0;if(p){if(i.time!==void 0){let t=i.time;const h=e,q=e;let P=!1,$=null;const J=e;if(e===
J)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.mode===void 0&&(n="mode")){const g={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:n}};r===null?r=[g]:r.push(g),e++}else{const g=e;
for(const m in t)if(m!=="mode"){const c={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[c]:r.push(c),e++;break}if(g===e&&t.mode!==
void 0&&t.mode!=="auto"){const m={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const n={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var z=J===e;z&&(P=!0,
$=0);const w=e;if(e===w)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.mode===void 0&&(n="mode")||t.click===void 0&&
(n="click")){const g={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:n}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="mode"||m==="click")){const c={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:m}};r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;if(t.mode!=="held"){const c={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[c]:r.push(c),e++}var x=m===e}else var x=!0;if(x)if(t.click!==void 0){let m=t.click;const c=e;if(!(typeof m==
"number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===c&&typeof m=="number"&&
isFinite(m)){if(m>18||isNaN(m)){const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[v]:r.push(v),e++}else if(m<-39||isNaN(m)){
const v={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[v]:r.push(v),e++}}var x=c===e}else var x=!0}}}else{const n={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}
var z=w===e;if(z&&P?(P=!1,$=[$,1]):z&&(P=!0,$=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const n={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:$}};return r===null?r=[n]:r.push(n),e++,
W.errors=r,!1}var p=h===e}else var p=!0;if(p){if(i.iso!==void 0){let t=i.iso;const h=e,q=e;let P=!1,$=null;const J=e;if(e===
J)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.mode===void 0&&(n="mode")){const g={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:n}};r===null?r=[g]:r.push(g),e++}else{const g=e;
for(const m in t)if(m!=="mode"){const c={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[c]:r.push(c),e++;break}if(g===e&&t.mode!==void 0&&
t.mode!=="auto"){const m={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[m]:r.push(m),e++}}}else{const n={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var Y=J===e;Y&&(P=!0,$=0);
const w=e;if(e===w)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.mode===void 0&&(n="mode")||t.click===void 0&&
(n="click")){const g={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:n}};
r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="mode"||m==="click")){const c={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;if(t.mode!=="held"){const c={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[c]:r.push(c),e++}var C=m===e}else var C=!0;if(C)if(t.click!==void 0){let m=t.click;const c=e;if(!(typeof m=="num\
ber"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===c&&typeof m=="number"&&isFinite(
m)){if(m>24||isNaN(m)){const v={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[v]:r.push(v),e++}else if(m<-6||isNaN(m)){const v={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[v]:r.push(v),e++}}var C=c===e}else var C=!0}}}else{const n={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var Y=w===e;if(Y&&P?(P=!1,$=[$,1]):
Y&&(P=!0,$=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const n={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:$}};return r===null?r=[n]:r.push(n),e++,W.errors=r,!1}var p=h===e}else var p=!0;
if(p){if(i.compClicks!==void 0){let t=i.compClicks;const h=e;if(e===h)if(typeof t=="number"&&isFinite(t)){if(t>18||isNaN(
t))return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(t<-18||isNaN(t))return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let P;if(P=t/.5,P!==parseInt(P))return W.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return W.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var p=h===e}else var p=!0;if(p){if(i.meter!==void 0){let t=i.meter;const h=e;if(e===h)if(t&&typeof t==
"object"&&!Array.isArray(t)){let P;if(t.pattern===void 0&&(P="pattern")||t.spot===void 0&&(P="spot")||t.lockedEv100===void 0&&
(P="lockedEv100"))return W.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:P}}],!1;{const $=e;for(const J in t)if(!(J==="pattern"||J==="spot"||J==="lockedEv100")){return W.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:J}}],!1;break}if($===e){if(t.pattern!==void 0){let J=t.pattern;const w=e;if(!(J==="whole"||J==="centr\
e"||J==="spot"||J==="highlights"))return W.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:fe.properties.meter.properties.pattern.enum}}],!1;var L=w===e}else
var L=!0;if(L){if(t.spot!==void 0){let J=t.spot;const w=e;if(e===w)if(J&&typeof J=="object"&&!Array.isArray(J)){let n;if(J.
x===void 0&&(n="x")||J.y===void 0&&(n="y"))return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:n}}],!1;{const g=e;for(const m in J)if(!(m==="x"||
m==="y")){return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(g===e){if(J.x!==void 0){let m=J.x;const c=e;
if(e===c)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(m<0||
isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return W.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var A=c===e}else var A=!0;
if(A)if(J.y!==void 0){let m=J.y;const c=e;if(e===c)if(typeof m=="number"&&isFinite(m)){if(m>1||isNaN(m))return W.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(m<0||isNaN(m))return W.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return W.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var A=c===e}else var A=!0}}}else return W.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var L=w===e}else var L=!0;if(L)if(t.
lockedEv100!==void 0){let J=t.lockedEv100;const w=e;if(!(typeof J=="number"&&isFinite(J))&&J!==null)return W.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:fe.properties.
meter.properties.lockedEv100.type}}],!1;if(e===w&&typeof J=="number"&&isFinite(J)){if(J>30||isNaN(J))return W.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(J<-20||isNaN(J))return W.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var L=w===e}else var L=!0}}}}else
return W.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var p=h===e}else var p=!0;if(p){if(i.support!==void 0){let t=i.support;const h=e;if(!(t==="hand"||t==="tripod"))return W.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:fe.properties.
support.enum}}],!1;var p=h===e}else var p=!0;if(p){if(i.stabiliserStops!==void 0){let t=i.stabiliserStops;const h=e;if(!(typeof t==
"number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===h&&typeof t=="number"&&isFinite(t)){if(t>5||isNaN(
t))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(t<0||isNaN(t))return W.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var p=h===e}else var p=!0;
if(p){if(i.filterStops!==void 0){let t=i.filterStops;const h=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))
return W.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===h&&typeof t=="number"&&isFinite(t)){if(t>10||isNaN(t))return W.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(t<0||isNaN(
t))return W.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var p=h===e}else var p=!0;if(p){if(i.torch!==void 0){const t=e;if(typeof i.torch!="boolean")
return W.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var p=t===e}else var p=!0;if(p){if(i.flash!==void 0){let t=i.flash;const h=e;if(!(t==="off"||t==="begin"||t==="end"))
return W.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:fe.properties.
flash.enum}}],!1;var p=h===e}else var p=!0;if(p){if(i.subject!==void 0){let t=i.subject;const h=e;if(!(t==="scene"||t===
"still"||t==="walking"||t==="running"||t==="vehicle"))return W.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:fe.properties.subject.enum}}],!1;var p=h===e}else var p=!0;if(p){if(i.
mainsHz!==void 0){let t=i.mainsHz;const h=e;if(!(t===50||t===60))return W.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:fe.properties.mainsHz.enum}}],!1;var p=h===e}else var p=!0;
if(p){if(i.sizeMp!==void 0){let t=i.sizeMp;const h=e;if(!(t===12||t===3))return W.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:fe.properties.sizeMp.enum}}],!1;var p=h===e}else var p=!0;
if(p){if(i.focus!==void 0){let t=i.focus;const h=e,q=e;let P=!1,$=null;const J=e;if(e===J)if(t&&typeof t=="object"&&!Array.
isArray(t)){let n;if(t.mode===void 0&&(n="mode")||t.spot===void 0&&(n="spot")||t.follow===void 0&&(n="follow")){const g={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:n}};
r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="mode"||m==="spot"||m==="follow")){const c={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;if(t.mode!=="auto"){const c={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[c]:r.push(c),e++}var V=m===e}else var V=!0;if(V){if(t.spot!==void 0){let m=t.spot;const c=e;if(e===c)if(m&&typeof m==
"object"&&!Array.isArray(m)){let v;if(m.x===void 0&&(v="x")||m.y===void 0&&(v="y")){const Z={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:v}};r===null?
r=[Z]:r.push(Z),e++}else{const Z=e;for(const K in m)if(!(K==="x"||K==="y")){const j={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:K}};
r===null?r=[j]:r.push(j),e++;break}if(Z===e){if(m.x!==void 0){let K=m.x;const j=e;if(e===j)if(typeof K=="number"&&isFinite(
K)){if(K>1||isNaN(K)){const E={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[E]:r.push(E),e++}else if(K<0||isNaN(K)){
const E={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(
E),e++}var b=j===e}else var b=!0;if(b)if(m.y!==void 0){let K=m.y;const j=e;if(e===j)if(typeof K=="number"&&isFinite(K)){
if(K>1||isNaN(K)){const O={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[O]:r.push(O),e++}else if(K<0||isNaN(K)){const O={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[O]:r.push(O),e++}}else{const O={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[O]:r.push(
O),e++}var b=j===e}else var b=!0}}}else{const v={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[v]:r.push(v),e++}var V=c===e}else var V=!0;if(V)if(t.
follow!==void 0){const m=e;if(typeof t.follow!="boolean"){const Q={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[Q]:r.push(Q),e++}var V=m===
e}else var V=!0}}}}else{const n={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[n]:r.push(n),e++}var u=J===e;u&&(P=!0,$=0);const w=e;if(e===w)if(t&&typeof t=="object"&&!Array.
isArray(t)){let n;if(t.mode===void 0&&(n="mode")||t.dioptres===void 0&&(n="dioptres")){const g={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:n}};r===null?r=[g]:r.push(g),
e++}else{const g=e;for(const m in t)if(!(m==="mode"||m==="dioptres")){const c={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[c]:
r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;if(t.mode!=="held"){const c={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[c]:r.push(c),
e++}var T=m===e}else var T=!0;if(T)if(t.dioptres!==void 0){let m=t.dioptres;const c=e;if(e===c)if(typeof m=="number"&&isFinite(
m)){if(m>25||isNaN(m)){const v={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[v]:r.push(v),e++}else if(m<-1||isNaN(m)){const v={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(v),e++}var T=c===
e}else var T=!0}}}else{const n={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[n]:r.push(n),e++}var u=w===e;if(u&&P?(P=!1,$=[$,1]):u&&(P=!0,$=1),P)e=q,r!==null&&(q?r.length=
q:r=null);else{const n={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:$}};
return r===null?r=[n]:r.push(n),e++,W.errors=r,!1}var p=h===e}else var p=!0;if(p){if(i.white!==void 0){let t=i.white;const h=e,
q=e;let P=!1,$=null;const J=e;if(e===J)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.mode===void 0&&(n="mode")||
t.locked===void 0&&(n="locked")){const g={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:n}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="mode"||m===
"locked")){const c={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:m}};r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;
if(t.mode!=="auto"){const c={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[c]:r.push(c),e++}var U=m===e}else var U=!0;if(U)if(t.locked!==
void 0){let m=t.locked;const c=e,Q=e;let v=!1,Z=null;const K=e;if(m!==null){const O={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[O]:r.push(O),
e++}var d=K===e;d&&(v=!0,Z=0);const j=e;if(e===j)if(m&&typeof m=="object"&&!Array.isArray(m)){let O;if(m.kelvin===void 0&&
(O="kelvin")||m.tint===void 0&&(O="tint")){const I={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:O}};r===null?r=[I]:r.push(I),e++}else{const I=e;
for(const re in m)if(!(re==="kelvin"||re==="tint")){const ee={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:re}};
r===null?r=[ee]:r.push(ee),e++;break}if(I===e){if(m.kelvin!==void 0){let re=m.kelvin;const ee=e;if(e===ee)if(typeof re==
"number"&&isFinite(re)){if(re>12e3||isNaN(re)){const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/\
white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[ne]:r.push(ne),e++}else if(re<2e3||isNaN(re)){const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/\
properties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",
limit:2e3}};r===null?r=[ne]:r.push(ne),e++}}else{const ne={instancePath:s+"/white/locked/kelvin",schemaPath:"#/propertie\
s/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[ne]:
r.push(ne),e++}var f=ee===e}else var f=!0;if(f)if(m.tint!==void 0){let re=m.tint;const ee=e;if(e===ee)if(typeof re=="num\
ber"&&isFinite(re)){if(re>30||isNaN(re)){const me={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/on\
eOf/0/properties/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=
[me]:r.push(me),e++}else if(re<-30||isNaN(re)){const me={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===
null?r=[me]:r.push(me),e++}}else{const me={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/pr\
operties/locked/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[me]:r.push(me),e++}var f=ee===
e}else var f=!0}}}else{const O={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[O]:r.push(O),e++}var d=j===e;if(d&&v?(v=!1,Z=[Z,1]):d&&
(v=!0,Z=1),v)e=Q,r!==null&&(Q?r.length=Q:r=null);else{const O={instancePath:s+"/white/locked",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf",keyword:"oneOf",params:{passingSchemas:Z}};r===null?r=[O]:r.push(O),e++}var U=c===
e}else var U=!0}}}else{const n={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[n]:r.push(n),e++}var o=J===e;o&&(P=!0,$=0);const w=e;if(e===w)if(t&&typeof t=="object"&&!Array.
isArray(t)){let n;if(t.mode===void 0&&(n="mode")||t.kelvin===void 0&&(n="kelvin")||t.tint===void 0&&(n="tint")){const g={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:n}};
r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="mode"||m==="kelvin"||m==="tint")){const c={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};
r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.mode!==void 0){const m=e;if(t.mode!=="held"){const c={instancePath:s+"\
/white/mode",schemaPath:"#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};
r===null?r=[c]:r.push(c),e++}var F=m===e}else var F=!0;if(F){if(t.kelvin!==void 0){let m=t.kelvin;const c=e;if(e===c)if(typeof m==
"number"&&isFinite(m)){if(m>12e3||isNaN(m)){const v={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf\
/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[v]:r.push(v),e++}else if(m<
2e3||isNaN(m)){const v={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",
keyword:"minimum",params:{comparison:">=",limit:2e3}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/white\
/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?
r=[v]:r.push(v),e++}var F=c===e}else var F=!0;if(F)if(t.tint!==void 0){let m=t.tint;const c=e;if(e===c)if(typeof m=="num\
ber"&&isFinite(m)){if(m>30||isNaN(m)){const v={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/prope\
rties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[v]:r.push(v),e++}else if(m<-30||isNaN(
m)){const v={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minim\
um",params:{comparison:">=",limit:-30}};r===null?r=[v]:r.push(v),e++}}else{const v={instancePath:s+"/white/tint",schemaPath:"\
#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[v]:r.push(v),e++}var F=c===
e}else var F=!0}}}}else{const n={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[n]:r.push(n),e++}var o=w===e;if(o&&P?(P=!1,$=[$,1]):o&&(P=!0,$=1),P)e=q,r!==null&&(q?r.length=
q:r=null);else{const n={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:$}};
return r===null?r=[n]:r.push(n),e++,W.errors=r,!1}var p=h===e}else var p=!0;if(p){if(i.files!==void 0){let t=i.files;const h=e;
if(!(t==="dng"||t==="dng+jpeg"||t==="jpeg"||t==="tiff"||t==="png"))return W.errors=[{instancePath:s+"/files",schemaPath:"\
#/properties/files/enum",keyword:"enum",params:{allowedValues:fe.properties.files.enum}}],!1;var p=h===e}else var p=!0;if(p){
if(i.jpegQuality!==void 0){let t=i.jpegQuality;const h=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t)))return W.
errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===h&&typeof t=="number"&&isFinite(t)){if(t>100||isNaN(t))return W.errors=[{instancePath:s+"/jpegQuality",schemaPath:"\
#/properties/jpegQuality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(t<60||isNaN(t))return W.errors=
[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",
limit:60}}],!1}var p=h===e}else var p=!0;if(p){if(i.average!==void 0){let t=i.average;const h=e,q=e;let P=!1,$=null;const J=e;
if(t!==1){const n={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};
r===null?r=[n]:r.push(n),e++}var N=J===e;N&&(P=!0,$=0);const w=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t))){
const n={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};
r===null?r=[n]:r.push(n),e++}if(e===w&&typeof t=="number"&&isFinite(t)){if(t>64||isNaN(t)){const n={instancePath:s+"/ave\
rage",schemaPath:"#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=
[n]:r.push(n),e++}else if(t<4||isNaN(t)){const n={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/min\
imum",keyword:"minimum",params:{comparison:">=",limit:4}};r===null?r=[n]:r.push(n),e++}}var N=w===e;if(N&&P?(P=!1,$=[$,1]):
N&&(P=!0,$=1),P)e=q,r!==null&&(q?r.length=q:r=null);else{const n={instancePath:s+"/average",schemaPath:"#/properties/ave\
rage/oneOf",keyword:"oneOf",params:{passingSchemas:$}};return r===null?r=[n]:r.push(n),e++,W.errors=r,!1}var p=h===e}else
var p=!0;if(p){if(i.aspect!==void 0){let t=i.aspect;const h=e;if(!(t==="4:3"||t==="3:2"||t==="16:9"||t==="1:1"))return W.
errors=[{instancePath:s+"/aspect",schemaPath:"#/properties/aspect/enum",keyword:"enum",params:{allowedValues:fe.properties.
aspect.enum}}],!1;var p=h===e}else var p=!0;if(p){if(i.series!==void 0){let t=i.series;const h=e,q=e;let P=!1,$=null;const J=e;
if(e===J)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;if(t.kind===void 0&&(n="kind")){const g={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/0/required",keyword:"required",params:{missingProperty:n}};r===null?r=[g]:r.
push(g),e++}else{const g=e;for(const m in t)if(m!=="kind"){const c={instancePath:s+"/series",schemaPath:"#/properties/se\
ries/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[c]:r.push(c),
e++;break}if(g===e&&t.kind!==void 0&&t.kind!=="single"){const m={instancePath:s+"/series/kind",schemaPath:"#/properties/\
series/oneOf/0/properties/kind/const",keyword:"const",params:{allowedValue:"single"}};r===null?r=[m]:r.push(m),e++}}}else{
const n={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===
null?r=[n]:r.push(n),e++}var k=J===e;k&&(P=!0,$=0);const w=e;if(e===w)if(t&&typeof t=="object"&&!Array.isArray(t)){let n;
if(t.kind===void 0&&(n="kind")||t.frames===void 0&&(n="frames")||t.stepClicks===void 0&&(n="stepClicks")||t.order===void 0&&
(n="order")){const g={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{
missingProperty:n}};r===null?r=[g]:r.push(g),e++}else{const g=e;for(const m in t)if(!(m==="kind"||m==="frames"||m==="ste\
pClicks"||m==="order")){const c={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:m}};r===null?r=[c]:r.push(c),e++;break}if(g===e){if(t.kind!==void 0){
const m=e;if(t.kind!=="bracket"){const c={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properti\
es/kind/const",keyword:"const",params:{allowedValue:"bracket"}};r===null?r=[c]:r.push(c),e++}var l=m===e}else var l=!0;if(l){
if(t.frames!==void 0){let m=t.frames;const c=e;if(!(typeof m=="number"&&!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};
r===null?r=[v]:r.push(v),e++}if(e===c&&typeof m=="number"&&isFinite(m)){if(m>9||isNaN(m)){const v={instancePath:s+"/seri\
es/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[v]:r.push(v),e++}else if(m<2||isNaN(m)){const v={instancePath:s+"/series/frames",schemaPath:"#/pro\
perties/series/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[v]:r.push(
v),e++}}var l=c===e}else var l=!0;if(l){if(t.stepClicks!==void 0){let m=t.stepClicks;const c=e;if(!(typeof m=="number"&&
!(m%1)&&!isNaN(m)&&isFinite(m))){const v={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/pr\
operties/stepClicks/type",keyword:"type",params:{type:"integer"}};r===null?r=[v]:r.push(v),e++}if(e===c&&typeof m=="numb\
er"&&isFinite(m)){if(m>9||isNaN(m)){const v={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1\
/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[v]:r.push(v),e++}else if(m<
1||isNaN(m)){const v={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/\
minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[v]:r.push(v),e++}}var l=c===e}else var l=!0;if(l)
if(t.order!==void 0){let m=t.order;const c=e;if(!(m==="middle-first"||m==="dark-first"||m==="bright-first")){const v={instancePath:s+
"/series/order",schemaPath:"#/properties/series/oneOf/1/properties/order/enum",keyword:"enum",params:{allowedValues:fe.properties.
series.oneOf[1].properties.order.enum}};r===null?r=[v]:r.push(v),e++}var l=c===e}else var l=!0}}}}}else{const n={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),
e++}var k=w===e;if(k&&P)P=!1,$=[$,1];else{k&&(P=!0,$=1);const n=e;if(e===n)if(t&&typeof t=="object"&&!Array.isArray(t)){
let m;if(t.kind===void 0&&(m="kind")||t.frames===void 0&&(m="frames")){const c={instancePath:s+"/series",schemaPath:"#/p\
roperties/series/oneOf/2/required",keyword:"required",params:{missingProperty:m}};r===null?r=[c]:r.push(c),e++}else{const c=e;
for(const Q in t)if(!(Q==="kind"||Q==="frames")){const v={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Q}};r===null?r=[v]:r.push(v),e++;break}
if(c===e){if(t.kind!==void 0){const Q=e;if(t.kind!=="burst"){const v={instancePath:s+"/series/kind",schemaPath:"#/proper\
ties/series/oneOf/2/properties/kind/const",keyword:"const",params:{allowedValue:"burst"}};r===null?r=[v]:r.push(v),e++}var H=Q===
e}else var H=!0;if(H)if(t.frames!==void 0){let Q=t.frames;const v=e;if(!(typeof Q=="number"&&!(Q%1)&&!isNaN(Q)&&isFinite(
Q))){const K={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[K]:r.push(K),e++}if(e===v&&typeof Q=="number"&&isFinite(Q)){if(Q>60||isNaN(Q)){
const K={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:60}};r===null?r=[K]:r.push(K),e++}else if(Q<3||isNaN(Q)){const K={instancePath:s+"/s\
eries/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">\
=",limit:3}};r===null?r=[K]:r.push(K),e++}}var H=v===e}else var H=!0}}}else{const m={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[m]:r.push(m),e++}var k=n===e;if(k&&
P)P=!1,$=[$,2];else{k&&(P=!0,$=2);const m=e;if(e===m)if(t&&typeof t=="object"&&!Array.isArray(t)){let Q;if(t.kind===void 0&&
(Q="kind")||t.places===void 0&&(Q="places")||t.nearDioptres===void 0&&(Q="nearDioptres")||t.farDioptres===void 0&&(Q="fa\
rDioptres")||t.overlap===void 0&&(Q="overlap")){const v={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/\
3/required",keyword:"required",params:{missingProperty:Q}};r===null?r=[v]:r.push(v),e++}else{const v=e;for(const Z in t)
if(!(Z==="kind"||Z==="places"||Z==="nearDioptres"||Z==="farDioptres"||Z==="overlap")){const K={instancePath:s+"/series",
schemaPath:"#/properties/series/oneOf/3/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:Z}};
r===null?r=[K]:r.push(K),e++;break}if(v===e){if(t.kind!==void 0){const Z=e;if(t.kind!=="focus"){const K={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/3/properties/kind/const",keyword:"const",params:{allowedValue:"focu\
s"}};r===null?r=[K]:r.push(K),e++}var y=Z===e}else var y=!0;if(y){if(t.places!==void 0){let Z=t.places;const K=e,j=e;let E=!1,
O=null;const I=e;if(Z!==null){const ne={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[ne]:r.push(ne),e++}var M=I===e;M&&(E=!0,O=0);const re=e;
if(e===re)if(Array.isArray(Z))if(Z.length>30){const ne={instancePath:s+"/series/places",schemaPath:"#/properties/series/\
oneOf/3/properties/places/oneOf/1/maxItems",keyword:"maxItems",params:{limit:30}};r===null?r=[ne]:r.push(ne),e++}else{var D=!0;
const ne=Z.length;for(let me=0;me<ne;me++){let Pe=Z[me];const _e=e;if(e===_e)if(typeof Pe=="number"&&isFinite(Pe)){if(Pe>
25||isNaN(Pe)){const we={instancePath:s+"/series/places/"+me,schemaPath:"#/properties/series/oneOf/3/properties/places/o\
neOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[we]:r.push(we),e++}else if(Pe<-1||
isNaN(Pe)){const we={instancePath:s+"/series/places/"+me,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf\
/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[we]:r.push(we),e++}}else{const we={instancePath:s+
"/series/places/"+me,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[we]:r.push(we),e++}var D=_e===e;if(!D)break}}else{const ne={instancePath:s+"/series/places",
schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=
[ne]:r.push(ne),e++}var M=re===e;if(M&&E?(E=!1,O=[O,1]):M&&(E=!0,O=1),E)e=j,r!==null&&(j?r.length=j:r=null);else{const ne={
instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{
passingSchemas:O}};r===null?r=[ne]:r.push(ne),e++}var y=K===e}else var y=!0;if(y){if(t.nearDioptres!==void 0){let Z=t.nearDioptres;
const K=e;if(e===K)if(typeof Z=="number"&&isFinite(Z)){if(Z>25||isNaN(Z)){const E={instancePath:s+"/series/nearDioptres",
schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};
r===null?r=[E]:r.push(E),e++}else if(Z<-1||isNaN(Z)){const E={instancePath:s+"/series/nearDioptres",schemaPath:"#/proper\
ties/series/oneOf/3/properties/nearDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[E]:
r.push(E),e++}}else{const E={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/ne\
arDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(E),e++}var y=K===e}else var y=!0;if(y){if(t.
farDioptres!==void 0){let Z=t.farDioptres;const K=e;if(e===K)if(typeof Z=="number"&&isFinite(Z)){if(Z>25||isNaN(Z)){const E={
instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"ma\
ximum",params:{comparison:"<=",limit:25}};r===null?r=[E]:r.push(E),e++}else if(Z<-1||isNaN(Z)){const E={instancePath:s+"\
/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:s+"/series/farDioptres",schemaPath:"#/properties\
/series/oneOf/3/properties/farDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(E),e++}var y=K===
e}else var y=!0;if(y)if(t.overlap!==void 0){let Z=t.overlap;const K=e;if(e===K)if(typeof Z=="number"&&isFinite(Z)){if(Z>
.8||isNaN(Z)){const E={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maxim\
um",keyword:"maximum",params:{comparison:"<=",limit:.8}};r===null?r=[E]:r.push(E),e++}else if(Z<0||isNaN(Z)){const E={instancePath:s+
"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}};r===null?r=[E]:r.push(E),e++}}else{const E={instancePath:s+"/series/overlap",schemaPath:"#/properties/seri\
es/oneOf/3/properties/overlap/type",keyword:"type",params:{type:"number"}};r===null?r=[E]:r.push(E),e++}var y=K===e}else
var y=!0}}}}}}else{const Q={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{
type:"object"}};r===null?r=[Q]:r.push(Q),e++}var k=m===e;if(k&&P)P=!1,$=[$,3];else{k&&(P=!0,$=3);const Q=e;if(e===Q)if(t&&
typeof t=="object"&&!Array.isArray(t)){let Z;if(t.kind===void 0&&(Z="kind")||t.everyS===void 0&&(Z="everyS")||t.frames===
void 0&&(Z="frames")||t.exposure===void 0&&(Z="exposure")||t.lightS===void 0&&(Z="lightS")){const K={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/4/required",keyword:"required",params:{missingProperty:Z}};r===null?r=[K]:r.
push(K),e++}else{const K=e;for(const j in t)if(!(j==="kind"||j==="everyS"||j==="frames"||j==="exposure"||j==="lightS")){
const E={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/additionalProperties",keyword:"additionalPrope\
rties",params:{additionalProperty:j}};r===null?r=[E]:r.push(E),e++;break}if(K===e){if(t.kind!==void 0){const j=e;if(t.kind!==
"interval"){const E={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"\
const",params:{allowedValue:"interval"}};r===null?r=[E]:r.push(E),e++}var _=j===e}else var _=!0;if(_){if(t.everyS!==void 0){
let j=t.everyS;const E=e;if(!(typeof j=="number"&&!(j%1)&&!isNaN(j)&&isFinite(j))){const I={instancePath:s+"/series/ever\
yS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[
I]:r.push(I),e++}if(e===E&&typeof j=="number"&&isFinite(j)){if(j>3600||isNaN(j)){const I={instancePath:s+"/series/everyS",
schemaPath:"#/properties/series/oneOf/4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};
r===null?r=[I]:r.push(I),e++}else if(j<1||isNaN(j)){const I={instancePath:s+"/series/everyS",schemaPath:"#/properties/se\
ries/oneOf/4/properties/everyS/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[I]:r.push(I),e++}}
var _=E===e}else var _=!0;if(_){if(t.frames!==void 0){let j=t.frames;const E=e;if(!(typeof j=="number"&&!(j%1)&&!isNaN(j)&&
isFinite(j))){const I={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[I]:r.push(I),e++}if(e===E&&typeof j=="number"&&isFinite(j)){if(j>999||isNaN(j)){
const I={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:999}};r===null?r=[I]:r.push(I),e++}else if(j<2||isNaN(j)){const I={instancePath:s+"/\
series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:2}};r===null?r=[I]:r.push(I),e++}}var _=E===e}else var _=!0;if(_){if(t.exposure!==void 0){let j=t.exposure;const E=e;
if(!(j==="held"||j==="metered")){const I={instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/prop\
erties/exposure/enum",keyword:"enum",params:{allowedValues:fe.properties.series.oneOf[4].properties.exposure.enum}};r===
null?r=[I]:r.push(I),e++}var _=E===e}else var _=!0;if(_)if(t.lightS!==void 0){let j=t.lightS;const E=e;if(!(typeof j=="n\
umber"&&!(j%1)&&!isNaN(j)&&isFinite(j))){const I={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/\
4/properties/lightS/type",keyword:"type",params:{type:"integer"}};r===null?r=[I]:r.push(I),e++}if(e===E&&typeof j=="numb\
er"&&isFinite(j)){if(j>86400||isNaN(j)){const I={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4\
/properties/lightS/maximum",keyword:"maximum",params:{comparison:"<=",limit:86400}};r===null?r=[I]:r.push(I),e++}else if(j<
0||isNaN(j)){const I={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[I]:r.push(I),e++}}var _=E===e}else var _=!0}}}}}}else{const Z={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/type",keyword:"type",params:{type:"object"}};r===null?r=
[Z]:r.push(Z),e++}var k=Q===e;if(k&&P)P=!1,$=[$,4];else{k&&(P=!0,$=4);const Z=e;if(e===Z)if(t&&typeof t=="object"&&!Array.
isArray(t)){let j;if(t.kind===void 0&&(j="kind")||t.totalS===void 0&&(j="totalS")||t.gather===void 0&&(j="gather")){const E={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/required",keyword:"required",params:{missingProperty:j}};
r===null?r=[E]:r.push(E),e++}else{const E=e;for(const O in t)if(!(O==="kind"||O==="totalS"||O==="gather")){const I={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};
r===null?r=[I]:r.push(I),e++;break}if(E===e){if(t.kind!==void 0){const O=e;if(t.kind!=="long"){const I={instancePath:s+"\
/series/kind",schemaPath:"#/properties/series/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};
r===null?r=[I]:r.push(I),e++}var X=O===e}else var X=!0;if(X){if(t.totalS!==void 0){let O=t.totalS;const I=e;if(!(typeof O==
"number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const ee={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/one\
Of/5/properties/totalS/type",keyword:"type",params:{type:"integer"}};r===null?r=[ee]:r.push(ee),e++}if(e===I&&typeof O==
"number"&&isFinite(O)){if(O>7200||isNaN(O)){const ee={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/on\
eOf/5/properties/totalS/maximum",keyword:"maximum",params:{comparison:"<=",limit:7200}};r===null?r=[ee]:r.push(ee),e++}else if(O<
30||isNaN(O)){const ee={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:30}};r===null?r=[ee]:r.push(ee),e++}}var X=I===e}else var X=!0;if(X)if(t.
gather!==void 0){let O=t.gather;const I=e;if(!(O==="mean"||O==="sum"||O==="brightest")){const ee={instancePath:s+"/serie\
s/gather",schemaPath:"#/properties/series/oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:fe.properties.
series.oneOf[5].properties.gather.enum}};r===null?r=[ee]:r.push(ee),e++}var X=I===e}else var X=!0}}}}else{const j={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[j]:r.push(j),
e++}var k=Z===e;k&&P?(P=!1,$=[$,5]):k&&(P=!0,$=5)}}}}if(P)e=q,r!==null&&(q?r.length=q:r=null);else{const n={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:$}};return r===null?r=[n]:r.push(
n),e++,W.errors=r,!1}var p=h===e}else var p=!0;if(p)if(i.delayS!==void 0){let t=i.delayS;const h=e;if(!(t===0||t===2||t===
3||t===10||t===20))return W.errors=[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{
allowedValues:fe.properties.delayS.enum}}],!1;var p=h===e}else var p=!0}}}}}}}}}}}}}}}}}}}}}}}}else return W.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return W.errors=r,e===0}const He=R,pe={$id:"velmo/prefere\
nces/7",type:"object",properties:{version:{const:7},compStepClicks:{enum:[1,1.5,3]},monitors:{type:"object",properties:{
over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{type:"boolean"},zebra:{
oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,maximum:9}},required:[
"on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{type:"integer",minimum:70,
maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer","null"],minimum:-18,maximum:9},
rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{type:"boolean"},allowedShare:{enum:[
0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:["low","medium","high"]},peakingColour:{
enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","toneClicks","rawHistogram","logHeight","\
pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1},aids:{type:"objec\
t",properties:{grid:{enum:["thirds","golden","diagonals","squares","cross","off"]},frame:{enum:["1:1","5:4","3:2","16:9",
"2:1","off"]},level:{type:"boolean"},caption:{type:"array",items:{enum:["exposure","light","focus","white","lens","tilt"]},
uniqueItems:!0},strength:{enum:["faint","middle","strong"]}},required:["grid","frame","level","caption","strength"],additionalProperties:!1},
screen:{type:"object",properties:{plate:{enum:["graphite","sunlight","night"]},type:{enum:["usual","large"]},awake:{type:"\
boolean"},hand:{enum:["right","left"]},shutterSound:{type:"boolean"},haptics:{type:"boolean"}},required:["plate","type",
"awake","hand","shutterSound","haptics"],additionalProperties:!1},focusing:{type:"object",properties:{unit:{enum:["m","f\
t"]},loupeZoom:{enum:[1,2]},loupeWithFocus:{type:"boolean"},beforeCapture:{type:"boolean"}},required:["unit","loupeZoom",
"loupeWithFocus","beforeCapture"],additionalProperties:!1},delaySound:{type:"boolean"},lightAhead:{enum:["fitting","alwa\
ys","never"]},naming:{type:"object",properties:{pattern:{type:"string",maxLength:80},count:{type:"integer",minimum:1,maximum:1e9}},
required:["pattern","count"],additionalProperties:!1}},required:["version","compStepClicks","monitors","aids","screen","\
focusing","naming","delaySound","lightAhead"],additionalProperties:!1},Ne=require("ajv/dist/runtime/equal").default,te=require("ajv/dist/runtime/ucs2length").
default;function R(i,{instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&
typeof i=="object"&&!Array.isArray(i)){let u;if(i.version===void 0&&(u="version")||i.compStepClicks===void 0&&(u="compSt\
epClicks")||i.monitors===void 0&&(u="monitors")||i.aids===void 0&&(u="aids")||i.screen===void 0&&(u="screen")||i.focusing===
void 0&&(u="focusing")||i.naming===void 0&&(u="naming")||i.delaySound===void 0&&(u="delaySound")||i.lightAhead===void 0&&
(u="lightAhead"))return R.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:u}}],
!1;{const U=e;for(const f in i)if(!be.call(pe.properties,f)){return R.errors=[{instancePath:s,schemaPath:"#/additionalPr\
operties",keyword:"additionalProperties",params:{additionalProperty:f}}],!1;break}if(U===e){if(i.version!==void 0){const f=e;
if(i.version!==7)return R.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:7}}],!1;var p=f===e}else var p=!0;if(p){if(i.compStepClicks!==void 0){let f=i.compStepClicks;const d=e;if(!(f===
1||f===1.5||f===3))return R.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/properties/compStepClicks/enum",keyword:"\
enum",params:{allowedValues:pe.properties.compStepClicks.enum}}],!1;var p=d===e}else var p=!0;if(p){if(i.monitors!==void 0){
let f=i.monitors;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let o;if(f.over===void 0&&(o="over")||f.
overColour===void 0&&(o="overColour")||f.under===void 0&&(o="under")||f.zebra===void 0&&(o="zebra")||f.toneClicks===void 0&&
(o="toneClicks")||f.rawHistogram===void 0&&(o="rawHistogram")||f.logHeight===void 0&&(o="logHeight")||f.pictureHistogram===
void 0&&(o="pictureHistogram")||f.allowedShare===void 0&&(o="allowedShare")||f.peaking===void 0&&(o="peaking")||f.peakingStrength===
void 0&&(o="peakingStrength")||f.peakingColour===void 0&&(o="peakingColour"))return R.errors=[{instancePath:s+"/monitors",
schemaPath:"#/properties/monitors/required",keyword:"required",params:{missingProperty:o}}],!1;{const N=e;for(const l in f)
if(!be.call(pe.properties.monitors.properties,l)){return R.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/\
monitors/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(N===e){if(f.over!==
void 0){let l=f.over;const k=e;if(!(l==="any"||l==="red"||l==="green"||l==="blue"||l==="off"))return R.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.over.enum}}],!1;var x=k===e}else var x=!0;if(x){if(f.overColour!==void 0){let l=f.overColour;const k=e;
if(!(l==="pink"||l==="white"||l==="black"))return R.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/propert\
ies/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.overColour.
enum}}],!1;var x=k===e}else var x=!0;if(x){if(f.under!==void 0){const l=e;if(typeof f.under!="boolean")return R.errors=[
{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var x=l===e}else var x=!0;if(x){if(f.zebra!==void 0){let l=f.zebra;const k=e,H=e;let y=!1,D=null;const M=e;
if(l!==null){const a={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[a]:r.push(a),e++}var C=M===e;C&&(y=!0,D=0);const _=e;if(e===_)if(l&&typeof l==
"object"&&!Array.isArray(l)){let a;if(l.on===void 0&&(a="on")||l.clicksUnder===void 0&&(a="clicksUnder")){const S={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:a}};
r===null?r=[S]:r.push(S),e++}else{const S=e;for(const t in l)if(!(t==="on"||t==="clicksUnder")){const h={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:t}};r===null?r=[h]:r.push(h),e++;break}if(S===e){if(l.on!==void 0){const t=e;if(l.on!==
"raw"){const h={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propertie\
s/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[h]:r.push(h),e++}var z=t===e}else var z=!0;if(z)if(l.
clicksUnder!==void 0){let t=l.clicksUnder;const h=e;if(!(typeof t=="number"&&!(t%1)&&!isNaN(t)&&isFinite(t))){const P={instancePath:s+
"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[P]:r.push(P),e++}if(e===h&&typeof t=="number"&&isFinite(t)){if(t>9||isNaN(t)){
const P={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[P]:r.push(P),e++}else if(t<0||isNaN(
t)){const P={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[P]:r.push(P),e++}}var z=h===
e}else var z=!0}}}else{const a={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/1/type",keyword:"type",params:{type:"object"}};r===null?r=[a]:r.push(a),e++}var C=_===e;if(C&&y)y=!1,D=[D,1];else{C&&(y=
!0,D=1);const a=e;if(e===a)if(l&&typeof l=="object"&&!Array.isArray(l)){let t;if(l.on===void 0&&(t="on")||l.percent===void 0&&
(t="percent")){const h={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/requ\
ired",keyword:"required",params:{missingProperty:t}};r===null?r=[h]:r.push(h),e++}else{const h=e;for(const q in l)if(!(q===
"on"||q==="percent")){const P={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:q}};r===null?r=[P]:r.push(P),e++;break}
if(h===e){if(l.on!==void 0){const q=e;if(l.on!=="picture"){const P={instancePath:s+"/monitors/zebra/on",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?
r=[P]:r.push(P),e++}var Y=q===e}else var Y=!0;if(Y)if(l.percent!==void 0){let q=l.percent;const P=e;if(!(typeof q=="numb\
er"&&!(q%1)&&!isNaN(q)&&isFinite(q))){const J={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitor\
s/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[J]:r.push(J),e++}
if(e===P&&typeof q=="number"&&isFinite(q)){if(q>109||isNaN(q)){const J={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[J]:r.push(J),e++}else if(q<70||isNaN(q)){const J={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[J]:r.push(J),e++}}var Y=P===e}else var Y=!0}}}else{const t={instancePath:s+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[t]:r.push(t),e++}var C=a===
e;C&&y?(y=!1,D=[D,2]):C&&(y=!0,D=2)}if(y)e=H,r!==null&&(H?r.length=H:r=null);else{const a={instancePath:s+"/monitors/zeb\
ra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:D}};return r===null?
r=[a]:r.push(a),e++,R.errors=r,!1}var x=k===e}else var x=!0;if(x){if(f.toneClicks!==void 0){let l=f.toneClicks;const k=e;
if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))&&l!==null)return R.errors=[{instancePath:s+"/monitors/toneClick\
s",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:pe.properties.monitors.properties.
toneClicks.type}}],!1;if(e===k&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l))return R.errors=[{instancePath:s+"/mon\
itors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(l<-18||isNaN(l))return R.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/mo\
nitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var x=k===e}else var x=!0;
if(x){if(f.rawHistogram!==void 0){let l=f.rawHistogram;const k=e;if(!(l==="off"||l==="small"||l==="large"))return R.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:pe.properties.monitors.properties.rawHistogram.enum}}],!1;var x=k===e}else var x=!0;if(x){if(f.logHeight!==
void 0){const l=e;if(typeof f.logHeight!="boolean")return R.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/\
properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var x=l===e}else var x=!0;if(x){
if(f.pictureHistogram!==void 0){const l=e;if(typeof f.pictureHistogram!="boolean")return R.errors=[{instancePath:s+"/mon\
itors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var x=l===e}else var x=!0;if(x){if(f.allowedShare!==void 0){let l=f.allowedShare;const k=e;if(!(l===0||l===
.001||l===.005||l===.02))return R.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pro\
perties/allowedShare/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.allowedShare.enum}}],!1;
var x=k===e}else var x=!0;if(x){if(f.peaking!==void 0){let l=f.peaking;const k=e;if(!(l==="focusing"||l==="always"||l===
"off"))return R.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"\
enum",params:{allowedValues:pe.properties.monitors.properties.peaking.enum}}],!1;var x=k===e}else var x=!0;if(x){if(f.peakingStrength!==
void 0){let l=f.peakingStrength;const k=e;if(!(l==="low"||l==="medium"||l==="high"))return R.errors=[{instancePath:s+"/m\
onitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:pe.
properties.monitors.properties.peakingStrength.enum}}],!1;var x=k===e}else var x=!0;if(x)if(f.peakingColour!==void 0){let l=f.
peakingColour;const k=e;if(!(l==="violet"||l==="white"||l==="blue"))return R.errors=[{instancePath:s+"/monitors/peakingC\
olour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.peakingColour.enum}}],!1;var x=k===e}else var x=!0}}}}}}}}}}}}}else return R.errors=[{instancePath:s+
"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"object"}}],!1;var p=d===e}else var p=!0;
if(p){if(i.aids!==void 0){let f=i.aids;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let o;if(f.grid===
void 0&&(o="grid")||f.frame===void 0&&(o="frame")||f.level===void 0&&(o="level")||f.caption===void 0&&(o="caption")||f.strength===
void 0&&(o="strength"))return R.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/required",keyword:"require\
d",params:{missingProperty:o}}],!1;{const N=e;for(const l in f)if(!(l==="grid"||l==="frame"||l==="level"||l==="caption"||
l==="strength")){return R.errors=[{instancePath:s+"/aids",schemaPath:"#/properties/aids/additionalProperties",keyword:"a\
dditionalProperties",params:{additionalProperty:l}}],!1;break}if(N===e){if(f.grid!==void 0){let l=f.grid;const k=e;if(!(l===
"thirds"||l==="golden"||l==="diagonals"||l==="squares"||l==="cross"||l==="off"))return R.errors=[{instancePath:s+"/aids/\
grid",schemaPath:"#/properties/aids/properties/grid/enum",keyword:"enum",params:{allowedValues:pe.properties.aids.properties.
grid.enum}}],!1;var L=k===e}else var L=!0;if(L){if(f.frame!==void 0){let l=f.frame;const k=e;if(!(l==="1:1"||l==="5:4"||
l==="3:2"||l==="16:9"||l==="2:1"||l==="off"))return R.errors=[{instancePath:s+"/aids/frame",schemaPath:"#/properties/aid\
s/properties/frame/enum",keyword:"enum",params:{allowedValues:pe.properties.aids.properties.frame.enum}}],!1;var L=k===e}else
var L=!0;if(L){if(f.level!==void 0){const l=e;if(typeof f.level!="boolean")return R.errors=[{instancePath:s+"/aids/level",
schemaPath:"#/properties/aids/properties/level/type",keyword:"type",params:{type:"boolean"}}],!1;var L=l===e}else var L=!0;
if(L){if(f.caption!==void 0){let l=f.caption;const k=e;if(e===k)if(Array.isArray(l)){var A=!0;const y=l.length;for(let D=0;D<
y;D++){let M=l[D];const _=e;if(!(M==="exposure"||M==="light"||M==="focus"||M==="white"||M==="lens"||M==="tilt"))return R.
errors=[{instancePath:s+"/aids/caption/"+D,schemaPath:"#/properties/aids/properties/caption/items/enum",keyword:"enum",params:{
allowedValues:pe.properties.aids.properties.caption.items.enum}}],!1;var A=_===e;if(!A)break}if(A){let D=l.length,M;if(D>
1){e:for(;D--;)for(M=D;M--;)if(Ne(l[D],l[M])){return R.errors=[{instancePath:s+"/aids/caption",schemaPath:"#/properties/\
aids/properties/caption/uniqueItems",keyword:"uniqueItems",params:{i:D,j:M}}],!1;break e}}}}else return R.errors=[{instancePath:s+
"/aids/caption",schemaPath:"#/properties/aids/properties/caption/type",keyword:"type",params:{type:"array"}}],!1;var L=k===
e}else var L=!0;if(L)if(f.strength!==void 0){let l=f.strength;const k=e;if(!(l==="faint"||l==="middle"||l==="strong"))return R.
errors=[{instancePath:s+"/aids/strength",schemaPath:"#/properties/aids/properties/strength/enum",keyword:"enum",params:{
allowedValues:pe.properties.aids.properties.strength.enum}}],!1;var L=k===e}else var L=!0}}}}}}else return R.errors=[{instancePath:s+
"/aids",schemaPath:"#/properties/aids/type",keyword:"type",params:{type:"object"}}],!1;var p=d===e}else var p=!0;if(p){if(i.
screen!==void 0){let f=i.screen;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let o;if(f.plate===void 0&&
(o="plate")||f.type===void 0&&(o="type")||f.awake===void 0&&(o="awake")||f.hand===void 0&&(o="hand")||f.shutterSound===void 0&&
(o="shutterSound")||f.haptics===void 0&&(o="haptics"))return R.errors=[{instancePath:s+"/screen",schemaPath:"#/propertie\
s/screen/required",keyword:"required",params:{missingProperty:o}}],!1;{const N=e;for(const l in f)if(!(l==="plate"||l===
"type"||l==="awake"||l==="hand"||l==="shutterSound"||l==="haptics")){return R.errors=[{instancePath:s+"/screen",schemaPath:"\
#/properties/screen/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(N===
e){if(f.plate!==void 0){let l=f.plate;const k=e;if(!(l==="graphite"||l==="sunlight"||l==="night"))return R.errors=[{instancePath:s+
"/screen/plate",schemaPath:"#/properties/screen/properties/plate/enum",keyword:"enum",params:{allowedValues:pe.properties.
screen.properties.plate.enum}}],!1;var V=k===e}else var V=!0;if(V){if(f.type!==void 0){let l=f.type;const k=e;if(!(l==="\
usual"||l==="large"))return R.errors=[{instancePath:s+"/screen/type",schemaPath:"#/properties/screen/properties/type/enu\
m",keyword:"enum",params:{allowedValues:pe.properties.screen.properties.type.enum}}],!1;var V=k===e}else var V=!0;if(V){
if(f.awake!==void 0){const l=e;if(typeof f.awake!="boolean")return R.errors=[{instancePath:s+"/screen/awake",schemaPath:"\
#/properties/screen/properties/awake/type",keyword:"type",params:{type:"boolean"}}],!1;var V=l===e}else var V=!0;if(V){if(f.
hand!==void 0){let l=f.hand;const k=e;if(!(l==="right"||l==="left"))return R.errors=[{instancePath:s+"/screen/hand",schemaPath:"\
#/properties/screen/properties/hand/enum",keyword:"enum",params:{allowedValues:pe.properties.screen.properties.hand.enum}}],
!1;var V=k===e}else var V=!0;if(V){if(f.shutterSound!==void 0){const l=e;if(typeof f.shutterSound!="boolean")return R.errors=
[{instancePath:s+"/screen/shutterSound",schemaPath:"#/properties/screen/properties/shutterSound/type",keyword:"type",params:{
type:"boolean"}}],!1;var V=l===e}else var V=!0;if(V)if(f.haptics!==void 0){const l=e;if(typeof f.haptics!="boolean")return R.
errors=[{instancePath:s+"/screen/haptics",schemaPath:"#/properties/screen/properties/haptics/type",keyword:"type",params:{
type:"boolean"}}],!1;var V=l===e}else var V=!0}}}}}}}else return R.errors=[{instancePath:s+"/screen",schemaPath:"#/prope\
rties/screen/type",keyword:"type",params:{type:"object"}}],!1;var p=d===e}else var p=!0;if(p){if(i.focusing!==void 0){let f=i.
focusing;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){let o;if(f.unit===void 0&&(o="unit")||f.loupeZoom===
void 0&&(o="loupeZoom")||f.loupeWithFocus===void 0&&(o="loupeWithFocus")||f.beforeCapture===void 0&&(o="beforeCapture"))
return R.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:o}}],
!1;{const N=e;for(const l in f)if(!(l==="unit"||l==="loupeZoom"||l==="loupeWithFocus"||l==="beforeCapture")){return R.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:l}}],!1;break}if(N===e){if(f.unit!==void 0){let l=f.unit;const k=e;if(!(l==="m"||l==="ft"))return R.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:pe.
properties.focusing.properties.unit.enum}}],!1;var b=k===e}else var b=!0;if(b){if(f.loupeZoom!==void 0){let l=f.loupeZoom;
const k=e;if(!(l===1||l===2))return R.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:pe.properties.focusing.properties.loupeZoom.enum}}],!1;var b=k===
e}else var b=!0;if(b){if(f.loupeWithFocus!==void 0){const l=e;if(typeof f.loupeWithFocus!="boolean")return R.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var b=l===e}else var b=!0;if(b)if(f.beforeCapture!==void 0){const l=e;if(typeof f.beforeCapture!="boolean")
return R.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var b=l===e}else var b=!0}}}}}else return R.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var p=d===e}else var p=!0;if(p){
if(i.delaySound!==void 0){const f=e;if(typeof i.delaySound!="boolean")return R.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var p=f===e}else var p=!0;if(p){if(i.lightAhead!==
void 0){let f=i.lightAhead;const d=e;if(!(f==="fitting"||f==="always"||f==="never"))return R.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:pe.properties.lightAhead.enum}}],
!1;var p=d===e}else var p=!0;if(p)if(i.naming!==void 0){let f=i.naming;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.
isArray(f)){let o;if(f.pattern===void 0&&(o="pattern")||f.count===void 0&&(o="count"))return R.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:o}}],!1;{const N=e;for(const l in f)
if(!(l==="pattern"||l==="count")){return R.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(N===e){if(f.pattern!==void 0){let l=f.
pattern;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>80)return R.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return R.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var T=k===
e}else var T=!0;if(T)if(f.count!==void 0){let l=f.count;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))
return R.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===k&&typeof l=="number"&&isFinite(l)){if(l>1e9||isNaN(l))return R.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(l<1||isNaN(l))return R.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var T=k===e}else var T=!0}}}else return R.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var p=d===e}else var p=!0}}}}}}}}}}else
return R.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return R.errors=r,e===0}
const Ie=B,ce={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},camera:{enum:["simulated","browser","file"]},place:{type:"string",maxLength:200},
origin:{enum:["raw","video-frame","photo","photo-remade","average","opened","combined"]},timeS:{type:["number","null"]},
iso:{type:["number","null"]},compClicks:{type:["number","null"]},lens:{type:["string","null"],maxLength:64},focusDioptres:{
type:["number","null"]},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number"},tint:{type:"number"}},
required:["kelvin","tint"],additionalProperties:!1}]},clippedShare:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,
items:{type:"number",minimum:0,maximum:1}}]},width:{type:"integer",minimum:0},height:{type:"integer",minimum:0},average:{
oneOf:[{type:"null"},{type:"object",properties:{frames:{type:"integer",minimum:1},timesLess:{type:["number","null"]}},required:[
"frames","timesLess"],additionalProperties:!1}]},roll:{type:"string",maxLength:200},stem:{type:"string",minLength:1,maxLength:160},
series:{oneOf:[{type:"null"},{type:"object",properties:{id:{type:"string",maxLength:64},kind:{enum:["single","bracket","\
burst","focus","interval","long"]},step:{type:"integer",minimum:0},count:{type:"integer",minimum:1}},required:["id","kin\
d","step","count"],additionalProperties:!1}]},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},focusedAt:{oneOf:[{type:"null"},{type:"object",properties:{x:{type:"number",minimum:0,
maximum:1},y:{type:"number",minimum:0,maximum:1}},required:["x","y"],additionalProperties:!1}]},combined:{oneOf:[{type:"\
null"},{type:"object",properties:{sources:{type:"array",minItems:2,maxItems:5e3,items:{type:"string",maxLength:64}},way:{
enum:["merge","fuse","focus","average","median","brightest","stars","sum"]},moved:{type:"array",maxItems:5e3,items:{type:"\
object",properties:{x:{type:"number",minimum:0,maximum:1},y:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},
required:["x","y","frame"],additionalProperties:!1}},painted:{type:"array",maxItems:2e4,items:{type:"object",properties:{
x:{type:"number"},y:{type:"number"},radius:{type:"number",minimum:0,maximum:1},frame:{type:"integer"}},required:["x","y",
"radius","frame"],additionalProperties:!1}},finish:{oneOf:[{type:"null"},{type:"object",properties:{brightness:{type:"nu\
mber"},range:{type:"number"},detail:{type:"number"}},required:["brightness","range","detail"],additionalProperties:!1}]},
floating:{type:"boolean"}},required:["sources","way","moved","finish","floating"],additionalProperties:!1}]},words:{type:"\
object",properties:{source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200}},required:["source","summ\
ary"],additionalProperties:!1}},required:["version","id","capturedAt","camera","place","origin","timeS","iso","compClick\
s","lens","focusDioptres","white","clippedShare","width","height","average","roll","stem","series","files"],additionalProperties:!1},
je=new RegExp("^[a-z0-9-]{8,64}$","u");function B(i,{instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){
let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&!Array.isArray(i)){let _;if(i.version===void 0&&(_="version")||i.id===
void 0&&(_="id")||i.capturedAt===void 0&&(_="capturedAt")||i.camera===void 0&&(_="camera")||i.place===void 0&&(_="place")||
i.origin===void 0&&(_="origin")||i.timeS===void 0&&(_="timeS")||i.iso===void 0&&(_="iso")||i.compClicks===void 0&&(_="co\
mpClicks")||i.lens===void 0&&(_="lens")||i.focusDioptres===void 0&&(_="focusDioptres")||i.white===void 0&&(_="white")||i.
clippedShare===void 0&&(_="clippedShare")||i.width===void 0&&(_="width")||i.height===void 0&&(_="height")||i.average===void 0&&
(_="average")||i.roll===void 0&&(_="roll")||i.stem===void 0&&(_="stem")||i.series===void 0&&(_="series")||i.files===void 0&&
(_="files"))return B.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:_}}],!1;
{const X=e;for(const a in i)if(!be.call(ce.properties,a)){return B.errors=[{instancePath:s,schemaPath:"#/additionalPrope\
rties",keyword:"additionalProperties",params:{additionalProperty:a}}],!1;break}if(X===e){if(i.version!==void 0){const a=e;
if(i.version!==2)return B.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:2}}],!1;var p=a===e}else var p=!0;if(p){if(i.id!==void 0){let a=i.id;const S=e;if(e===S)if(typeof a=="strin\
g"){if(!je.test(a))return B.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return B.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var p=S===e}else var p=!0;if(p){if(i.capturedAt!==void 0){let a=i.capturedAt;const S=e;
if(e===S)if(typeof a=="number"&&isFinite(a)){if(a<0||isNaN(a))return B.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return B.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var p=S===e}else var p=!0;
if(p){if(i.camera!==void 0){let a=i.camera;const S=e;if(!(a==="simulated"||a==="browser"||a==="file"))return B.errors=[{
instancePath:s+"/camera",schemaPath:"#/properties/camera/enum",keyword:"enum",params:{allowedValues:ce.properties.camera.
enum}}],!1;var p=S===e}else var p=!0;if(p){if(i.place!==void 0){let a=i.place;const S=e;if(e===S)if(typeof a=="string"){
if(te(a)>200)return B.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/maxLength",keyword:"maxLength",params:{
limit:200}}],!1}else return B.errors=[{instancePath:s+"/place",schemaPath:"#/properties/place/type",keyword:"type",params:{
type:"string"}}],!1;var p=S===e}else var p=!0;if(p){if(i.origin!==void 0){let a=i.origin;const S=e;if(!(a==="raw"||a==="\
video-frame"||a==="photo"||a==="photo-remade"||a==="average"||a==="opened"||a==="combined"))return B.errors=[{instancePath:s+
"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:ce.properties.origin.enum}}],!1;var p=S===
e}else var p=!0;if(p){if(i.timeS!==void 0){let a=i.timeS;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return B.
errors=[{instancePath:s+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"type",params:{type:ce.properties.timeS.type}}],
!1;var p=S===e}else var p=!0;if(p){if(i.iso!==void 0){let a=i.iso;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)
return B.errors=[{instancePath:s+"/iso",schemaPath:"#/properties/iso/type",keyword:"type",params:{type:ce.properties.iso.
type}}],!1;var p=S===e}else var p=!0;if(p){if(i.compClicks!==void 0){let a=i.compClicks;const S=e;if(!(typeof a=="number"&&
isFinite(a))&&a!==null)return B.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"\
type",params:{type:ce.properties.compClicks.type}}],!1;var p=S===e}else var p=!0;if(p){if(i.lens!==void 0){let a=i.lens;
const S=e;if(typeof a!="string"&&a!==null)return B.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/type",keyword:"\
type",params:{type:ce.properties.lens.type}}],!1;if(e===S&&typeof a=="string"&&te(a)>64)return B.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{limit:64}}],!1;var p=S===e}else var p=!0;if(p){
if(i.focusDioptres!==void 0){let a=i.focusDioptres;const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return B.errors=
[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptres/type",keyword:"type",params:{type:ce.properties.
focusDioptres.type}}],!1;var p=S===e}else var p=!0;if(p){if(i.white!==void 0){let a=i.white;const S=e,t=e;let h=!1,q=null;
const P=e;if(a!==null){const w={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"null"}};r===null?r=[w]:r.push(w),e++}var z=P===e;z&&(h=!0,q=0);const $=e;if(e===$)if(a&&typeof a=="object"&&!Array.
isArray(a)){let w;if(a.kelvin===void 0&&(w="kelvin")||a.tint===void 0&&(w="tint")){const se={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{
const se=e;for(const n in a)if(!(n==="kelvin"||n==="tint")){const g={instancePath:s+"/white",schemaPath:"#/properties/wh\
ite/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[g]:r.push(g),
e++;break}if(se===e){if(a.kelvin!==void 0){let n=a.kelvin;const g=e;if(!(typeof n=="number"&&isFinite(n))){const m={instancePath:s+
"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===
null?r=[m]:r.push(m),e++}var x=g===e}else var x=!0;if(x)if(a.tint!==void 0){let n=a.tint;const g=e;if(!(typeof n=="numbe\
r"&&isFinite(n))){const c={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"\
type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var x=g===e}else var x=!0}}}else{const w={instancePath:s+"/wh\
ite",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var z=$===
e;if(z&&h?(h=!1,q=[q,1]):z&&(h=!0,q=1),h)e=t,r!==null&&(t?r.length=t:r=null);else{const w={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,B.errors=r,!1}var p=S===
e}else var p=!0;if(p){if(i.clippedShare!==void 0){let a=i.clippedShare;const S=e,t=e;let h=!1,q=null;const P=e;if(a!==null){
const w={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[w]:r.push(w),e++}var Y=P===e;Y&&(h=!0,q=0);const $=e;if(e===$)if(Array.isArray(a))if(a.length>3){const w={
instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};
r===null?r=[w]:r.push(w),e++}else if(a.length<3){const w={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippe\
dShare/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[w]:r.push(w),e++}else{var C=!0;const w=a.length;
for(let se=0;se<w;se++){let n=a[se];const g=e;if(e===g)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n)){const c={instancePath:s+
"/clippedShare/"+se,schemaPath:"#/properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:1}};r===null?r=[c]:r.push(c),e++}else if(n<0||isNaN(n)){const c={instancePath:s+"/clippedShare/"+se,schemaPath:"\
#/properties/clippedShare/oneOf/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[c]:r.push(
c),e++}}else{const c={instancePath:s+"/clippedShare/"+se,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"\
type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var C=g===e;if(!C)break}}else{const w={instancePath:s+"/clipp\
edShare",schemaPath:"#/properties/clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[w]:r.push(
w),e++}var Y=$===e;if(Y&&h?(h=!1,q=[q,1]):Y&&(h=!0,q=1),h)e=t,r!==null&&(t?r.length=t:r=null);else{const w={instancePath:s+
"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?
r=[w]:r.push(w),e++,B.errors=r,!1}var p=S===e}else var p=!0;if(p){if(i.width!==void 0){let a=i.width;const S=e;if(!(typeof a==
"number"&&!(a%1)&&!isNaN(a)&&isFinite(a)))return B.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",
keyword:"type",params:{type:"integer"}}],!1;if(e===S&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a)))return B.errors=[
{instancePath:s+"/width",schemaPath:"#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;
var p=S===e}else var p=!0;if(p){if(i.height!==void 0){let a=i.height;const S=e;if(!(typeof a=="number"&&!(a%1)&&!isNaN(a)&&
isFinite(a)))return B.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===S&&typeof a=="number"&&isFinite(a)&&(a<0||isNaN(a)))return B.errors=[{instancePath:s+"/height",schemaPath:"\
#/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var p=S===e}else var p=!0;if(p){if(i.
average!==void 0){let a=i.average;const S=e,t=e;let h=!1,q=null;const P=e;if(a!==null){const w={instancePath:s+"/average",
schemaPath:"#/properties/average/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var A=P===
e;A&&(h=!0,q=0);const $=e;if(e===$)if(a&&typeof a=="object"&&!Array.isArray(a)){let w;if(a.frames===void 0&&(w="frames")||
a.timesLess===void 0&&(w="timesLess")){const se={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/requ\
ired",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{const se=e;for(const n in a)if(!(n===
"frames"||n==="timesLess")){const g={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(a.frames!==
void 0){let n=a.frames;const g=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const m={instancePath:s+"/ave\
rage/frames",schemaPath:"#/properties/average/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};r===
null?r=[m]:r.push(m),e++}if(e===g&&typeof n=="number"&&isFinite(n)&&(n<1||isNaN(n))){const m={instancePath:s+"/average/f\
rames",schemaPath:"#/properties/average/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};
r===null?r=[m]:r.push(m),e++}var L=g===e}else var L=!0;if(L)if(a.timesLess!==void 0){let n=a.timesLess;const g=e;if(!(typeof n==
"number"&&isFinite(n))&&n!==null){const c={instancePath:s+"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/\
properties/timesLess/type",keyword:"type",params:{type:ce.properties.average.oneOf[1].properties.timesLess.type}};r===null?
r=[c]:r.push(c),e++}var L=g===e}else var L=!0}}}else{const w={instancePath:s+"/average",schemaPath:"#/properties/average\
/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var A=$===e;if(A&&h?(h=!1,q=[q,1]):A&&
(h=!0,q=1),h)e=t,r!==null&&(t?r.length=t:r=null);else{const w={instancePath:s+"/average",schemaPath:"#/properties/averag\
e/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,B.errors=r,!1}var p=S===e}else var p=!0;
if(p){if(i.roll!==void 0){let a=i.roll;const S=e;if(e===S)if(typeof a=="string"){if(te(a)>200)return B.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return B.errors=[{instancePath:s+
"/roll",schemaPath:"#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var p=S===e}else var p=!0;if(p){if(i.
stem!==void 0){let a=i.stem;const S=e;if(e===S)if(typeof a=="string"){if(te(a)>160)return B.errors=[{instancePath:s+"/st\
em",schemaPath:"#/properties/stem/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(a)<1)return B.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return B.errors=[{instancePath:s+
"/stem",schemaPath:"#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var p=S===e}else var p=!0;if(p){if(i.
series!==void 0){let a=i.series;const S=e,t=e;let h=!1,q=null;const P=e;if(a!==null){const w={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var b=P===e;b&&(h=!0,
q=0);const $=e;if(e===$)if(a&&typeof a=="object"&&!Array.isArray(a)){let w;if(a.id===void 0&&(w="id")||a.kind===void 0&&
(w="kind")||a.step===void 0&&(w="step")||a.count===void 0&&(w="count")){const se={instancePath:s+"/series",schemaPath:"#\
/properties/series/oneOf/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{
const se=e;for(const n in a)if(!(n==="id"||n==="kind"||n==="step"||n==="count")){const g={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?
r=[g]:r.push(g),e++;break}if(se===e){if(a.id!==void 0){let n=a.id;const g=e;if(e===g)if(typeof n=="string"){if(te(n)>64){
const m={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[m]:r.push(m),e++}}else{const m={instancePath:s+"/series/id",schemaPath:"#/properties/seri\
es/oneOf/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[m]:r.push(m),e++}var V=g===e}else var V=!0;
if(V){if(a.kind!==void 0){let n=a.kind;const g=e;if(!(n==="single"||n==="bracket"||n==="burst"||n==="focus"||n==="interv\
al"||n==="long")){const c={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ce.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[c]:r.push(c),e++}var V=g===
e}else var V=!0;if(V){if(a.step!==void 0){let n=a.step;const g=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){
const c={instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{
type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===g&&typeof n=="number"&&isFinite(n)&&(n<0||isNaN(n))){const c={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[c]:r.push(c),e++}var V=g===e}else var V=!0;if(V)if(a.count!==void 0){let n=a.count;const g=e;if(!(typeof n==
"number"&&!(n%1)&&!isNaN(n)&&isFinite(n))){const c={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[c]:r.push(c),e++}if(e===g&&typeof n=="numb\
er"&&isFinite(n)&&(n<1||isNaN(n))){const c={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[c]:r.push(c),e++}var V=g===e}else var V=!0}}}}}else{
const w={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[w]:r.push(w),e++}var b=$===e;if(b&&h?(h=!1,q=[q,1]):b&&(h=!0,q=1),h)e=t,r!==null&&(t?r.length=t:r=null);else{const w={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?
r=[w]:r.push(w),e++,B.errors=r,!1}var p=S===e}else var p=!0;if(p){if(i.files!==void 0){let a=i.files;const S=e;if(e===S)
if(Array.isArray(a)){if(a.length>8)return B.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(a.length<1)return B.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var T=!0;const h=a.length;for(let q=0;q<h;q++){let P=a[q];const $=e;if(e===
$)if(P&&typeof P=="object"&&!Array.isArray(P)){let w;if(P.kind===void 0&&(w="kind")||P.name===void 0&&(w="name")||P.bytes===
void 0&&(w="bytes")||P.chunks===void 0&&(w="chunks"))return B.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:w}}],!1;{const se=e;for(const n in P)if(!(n==="kind"||
n==="name"||n==="bytes"||n==="chunks")){return B.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:n}}],!1;break}if(se===e){if(P.kind!==void 0){
let n=P.kind;const g=e;if(!(n==="dng"||n==="jpeg"||n==="tiff"||n==="png"||n==="webp"||n==="avif"||n==="heic"||n==="raw"))
return B.errors=[{instancePath:s+"/files/"+q+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:ce.properties.files.items.properties.kind.enum}}],!1;var u=g===e}else var u=!0;if(u){if(P.name!==
void 0){let n=P.name;const g=e;if(e===g)if(typeof n=="string"){if(te(n)>160)return B.errors=[{instancePath:s+"/files/"+q+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(te(
n)<1)return B.errors=[{instancePath:s+"/files/"+q+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return B.errors=[{instancePath:s+"/files/"+q+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var u=g===e}else var u=!0;if(u){if(P.bytes!==
void 0){let n=P.bytes;const g=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return B.errors=[{instancePath:s+
"/files/"+q+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===g&&typeof n=="number"&&isFinite(n)&&(n<1||isNaN(n)))return B.errors=[{instancePath:s+"/files/"+q+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var u=g===e}else
var u=!0;if(u)if(P.chunks!==void 0){let n=P.chunks;const g=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return B.
errors=[{instancePath:s+"/files/"+q+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===g&&typeof n=="number"&&isFinite(n)){if(n>4096||isNaN(n))return B.errors=[{instancePath:s+
"/files/"+q+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(n<1||isNaN(n))return B.errors=[{instancePath:s+"/files/"+q+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var u=g===e}else var u=!0}}}}}else
return B.errors=[{instancePath:s+"/files/"+q,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var T=$===e;if(!T)break}}}else return B.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var p=S===e}else var p=!0;if(p){if(i.longestHandheldS!==void 0){let a=i.longestHandheldS;
const S=e;if(!(typeof a=="number"&&isFinite(a))&&a!==null)return B.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:ce.properties.longestHandheldS.type}}],!1;var p=S===e}else
var p=!0;if(p){if(i.focusedAt!==void 0){let a=i.focusedAt;const S=e,t=e;let h=!1,q=null;const P=e;if(a!==null){const w={
instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?
r=[w]:r.push(w),e++}var f=P===e;f&&(h=!0,q=0);const $=e;if(e===$)if(a&&typeof a=="object"&&!Array.isArray(a)){let w;if(a.
x===void 0&&(w="x")||a.y===void 0&&(w="y")){const se={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/one\
Of/1/required",keyword:"required",params:{missingProperty:w}};r===null?r=[se]:r.push(se),e++}else{const se=e;for(const n in a)
if(!(n==="x"||n==="y")){const g={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(a.x!==
void 0){let n=a.x;const g=e;if(e===g)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n)){const m={instancePath:s+"/foc\
usedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};
r===null?r=[m]:r.push(m),e++}else if(n<0||isNaN(n)){const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focu\
sedAt/oneOf/1/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[m]:r.push(m),e++}}else{
const m={instancePath:s+"/focusedAt/x",schemaPath:"#/properties/focusedAt/oneOf/1/properties/x/type",keyword:"type",params:{
type:"number"}};r===null?r=[m]:r.push(m),e++}var U=g===e}else var U=!0;if(U)if(a.y!==void 0){let n=a.y;const g=e;if(e===
g)if(typeof n=="number"&&isFinite(n)){if(n>1||isNaN(n)){const c={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/\
focusedAt/oneOf/1/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[c]:r.push(c),e++}else if(n<
0||isNaN(n)){const c={instancePath:s+"/focusedAt/y",schemaPath:"#/properties/focusedAt/oneOf/1/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[c]:r.push(c),e++}}else{const c={instancePath:s+"/focusedAt/y",schemaPath:"\
#/properties/focusedAt/oneOf/1/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[c]:r.push(c),e++}var U=g===
e}else var U=!0}}}else{const w={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf/1/type",keyword:"ty\
pe",params:{type:"object"}};r===null?r=[w]:r.push(w),e++}var f=$===e;if(f&&h?(h=!1,q=[q,1]):f&&(h=!0,q=1),h)e=t,r!==null&&
(t?r.length=t:r=null);else{const w={instancePath:s+"/focusedAt",schemaPath:"#/properties/focusedAt/oneOf",keyword:"oneOf",
params:{passingSchemas:q}};return r===null?r=[w]:r.push(w),e++,B.errors=r,!1}var p=S===e}else var p=!0;if(p){if(i.combined!==
void 0){let a=i.combined;const S=e,t=e;let h=!1,q=null;const P=e;if(a!==null){const w={instancePath:s+"/combined",schemaPath:"\
#/properties/combined/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[w]:r.push(w),e++}var D=P===e;D&&(h=
!0,q=0);const $=e;if(e===$)if(a&&typeof a=="object"&&!Array.isArray(a)){let w;if(a.sources===void 0&&(w="sources")||a.way===
void 0&&(w="way")||a.moved===void 0&&(w="moved")||a.finish===void 0&&(w="finish")||a.floating===void 0&&(w="floating")){
const se={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/required",keyword:"required",params:{missingProperty:w}};
r===null?r=[se]:r.push(se),e++}else{const se=e;for(const n in a)if(!(n==="sources"||n==="way"||n==="moved"||n==="painted"||
n==="finish"||n==="floating")){const g={instancePath:s+"/combined",schemaPath:"#/properties/combined/oneOf/1/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:n}};r===null?r=[g]:r.push(g),e++;break}if(se===e){if(a.
sources!==void 0){let n=a.sources;const g=e;if(e===g)if(Array.isArray(n))if(n.length>5e3){const m={instancePath:s+"/comb\
ined/sources",schemaPath:"#/properties/combined/oneOf/1/properties/sources/maxItems",keyword:"maxItems",params:{limit:5e3}};
r===null?r=[m]:r.push(m),e++}else if(n.length<2){const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/co\
mbined/oneOf/1/properties/sources/minItems",keyword:"minItems",params:{limit:2}};r===null?r=[m]:r.push(m),e++}else{var d=!0;
const m=n.length;for(let c=0;c<m;c++){let Q=n[c];const v=e;if(e===v)if(typeof Q=="string"){if(te(Q)>64){const K={instancePath:s+
"/combined/sources/"+c,schemaPath:"#/properties/combined/oneOf/1/properties/sources/items/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[K]:r.push(K),e++}}else{const K={instancePath:s+"/combined/sources/"+c,schemaPath:"#/prope\
rties/combined/oneOf/1/properties/sources/items/type",keyword:"type",params:{type:"string"}};r===null?r=[K]:r.push(K),e++}
var d=v===e;if(!d)break}}else{const m={instancePath:s+"/combined/sources",schemaPath:"#/properties/combined/oneOf/1/prop\
erties/sources/type",keyword:"type",params:{type:"array"}};r===null?r=[m]:r.push(m),e++}var F=g===e}else var F=!0;if(F){
if(a.way!==void 0){let n=a.way;const g=e;if(!(n==="merge"||n==="fuse"||n==="focus"||n==="average"||n==="median"||n==="br\
ightest"||n==="stars"||n==="sum")){const c={instancePath:s+"/combined/way",schemaPath:"#/properties/combined/oneOf/1/pro\
perties/way/enum",keyword:"enum",params:{allowedValues:ce.properties.combined.oneOf[1].properties.way.enum}};r===null?r=
[c]:r.push(c),e++}var F=g===e}else var F=!0;if(F){if(a.moved!==void 0){let n=a.moved;const g=e;if(e===g)if(Array.isArray(
n))if(n.length>5e3){const c={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/maxItems",keyword:"maxItems",params:{limit:5e3}};r===null?r=[c]:r.push(c),e++}else{var o=!0;const c=n.length;for(let Q=0;Q<
c;Q++){let v=n[Q];const Z=e;if(e===Z)if(v&&typeof v=="object"&&!Array.isArray(v)){let j;if(v.x===void 0&&(j="x")||v.y===
void 0&&(j="y")||v.frame===void 0&&(j="frame")){const E={instancePath:s+"/combined/moved/"+Q,schemaPath:"#/properties/co\
mbined/oneOf/1/properties/moved/items/required",keyword:"required",params:{missingProperty:j}};r===null?r=[E]:r.push(E),
e++}else{const E=e;for(const O in v)if(!(O==="x"||O==="y"||O==="frame")){const I={instancePath:s+"/combined/moved/"+Q,schemaPath:"\
#/properties/combined/oneOf/1/properties/moved/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};
r===null?r=[I]:r.push(I),e++;break}if(E===e){if(v.x!==void 0){let O=v.x;const I=e;if(e===I)if(typeof O=="number"&&isFinite(
O)){if(O>1||isNaN(O)){const re={instancePath:s+"/combined/moved/"+Q+"/x",schemaPath:"#/properties/combined/oneOf/1/prope\
rties/moved/items/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[re]:r.push(re),e++}else if(O<
0||isNaN(O)){const re={instancePath:s+"/combined/moved/"+Q+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/mov\
ed/items/properties/x/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[re]:r.push(re),e++}}else{
const re={instancePath:s+"/combined/moved/"+Q+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/prop\
erties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var N=I===e}else var N=!0;if(N){if(v.
y!==void 0){let O=v.y;const I=e;if(e===I)if(typeof O=="number"&&isFinite(O)){if(O>1||isNaN(O)){const ee={instancePath:s+
"/combined/moved/"+Q+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:1}};r===null?r=[ee]:r.push(ee),e++}else if(O<0||isNaN(O)){const ee={instancePath:s+
"/combined/moved/"+Q+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[ee]:r.push(ee),e++}}else{const ee={instancePath:s+"/combined/move\
d/"+Q+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/moved/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[ee]:r.push(ee),e++}var N=I===e}else var N=!0;if(N)if(v.frame!==void 0){let O=v.frame;const I=e;if(!(typeof O==
"number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const ee={instancePath:s+"/combined/moved/"+Q+"/frame",schemaPath:"#/properti\
es/combined/oneOf/1/properties/moved/items/properties/frame/type",keyword:"type",params:{type:"integer"}};r===null?r=[ee]:
r.push(ee),e++}var N=I===e}else var N=!0}}}}else{const j={instancePath:s+"/combined/moved/"+Q,schemaPath:"#/properties/c\
ombined/oneOf/1/properties/moved/items/type",keyword:"type",params:{type:"object"}};r===null?r=[j]:r.push(j),e++}var o=Z===
e;if(!o)break}}else{const c={instancePath:s+"/combined/moved",schemaPath:"#/properties/combined/oneOf/1/properties/moved\
/type",keyword:"type",params:{type:"array"}};r===null?r=[c]:r.push(c),e++}var F=g===e}else var F=!0;if(F){if(a.painted!==
void 0){let n=a.painted;const g=e;if(e===g)if(Array.isArray(n))if(n.length>2e4){const c={instancePath:s+"/combined/paint\
ed",schemaPath:"#/properties/combined/oneOf/1/properties/painted/maxItems",keyword:"maxItems",params:{limit:2e4}};r===null?
r=[c]:r.push(c),e++}else{var l=!0;const c=n.length;for(let Q=0;Q<c;Q++){let v=n[Q];const Z=e;if(e===Z)if(v&&typeof v=="o\
bject"&&!Array.isArray(v)){let j;if(v.x===void 0&&(j="x")||v.y===void 0&&(j="y")||v.radius===void 0&&(j="radius")||v.frame===
void 0&&(j="frame")){const E={instancePath:s+"/combined/painted/"+Q,schemaPath:"#/properties/combined/oneOf/1/properties\
/painted/items/required",keyword:"required",params:{missingProperty:j}};r===null?r=[E]:r.push(E),e++}else{const E=e;for(const O in v)
if(!(O==="x"||O==="y"||O==="radius"||O==="frame")){const I={instancePath:s+"/combined/painted/"+Q,schemaPath:"#/properti\
es/combined/oneOf/1/properties/painted/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};
r===null?r=[I]:r.push(I),e++;break}if(E===e){if(v.x!==void 0){let O=v.x;const I=e;if(!(typeof O=="number"&&isFinite(O))){
const re={instancePath:s+"/combined/painted/"+Q+"/x",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/\
properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var k=I===e}else var k=!0;if(k){
if(v.y!==void 0){let O=v.y;const I=e;if(!(typeof O=="number"&&isFinite(O))){const ee={instancePath:s+"/combined/painted/"+
Q+"/y",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/y/type",keyword:"type",params:{type:"\
number"}};r===null?r=[ee]:r.push(ee),e++}var k=I===e}else var k=!0;if(k){if(v.radius!==void 0){let O=v.radius;const I=e;
if(e===I)if(typeof O=="number"&&isFinite(O)){if(O>1||isNaN(O)){const ee={instancePath:s+"/combined/painted/"+Q+"/radius",
schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/maximum",keyword:"maximum",params:{
comparison:"<=",limit:1}};r===null?r=[ee]:r.push(ee),e++}else if(O<0||isNaN(O)){const ee={instancePath:s+"/combined/pain\
ted/"+Q+"/radius",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[ee]:r.push(ee),e++}}else{const ee={instancePath:s+"/combined/pain\
ted/"+Q+"/radius",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/radius/type",keyword:"ty\
pe",params:{type:"number"}};r===null?r=[ee]:r.push(ee),e++}var k=I===e}else var k=!0;if(k)if(v.frame!==void 0){let O=v.frame;
const I=e;if(!(typeof O=="number"&&!(O%1)&&!isNaN(O)&&isFinite(O))){const ee={instancePath:s+"/combined/painted/"+Q+"/fr\
ame",schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/properties/frame/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[ee]:r.push(ee),e++}var k=I===e}else var k=!0}}}}}else{const j={instancePath:s+"/combined/painted/"+
Q,schemaPath:"#/properties/combined/oneOf/1/properties/painted/items/type",keyword:"type",params:{type:"object"}};r===null?
r=[j]:r.push(j),e++}var l=Z===e;if(!l)break}}else{const c={instancePath:s+"/combined/painted",schemaPath:"#/properties/c\
ombined/oneOf/1/properties/painted/type",keyword:"type",params:{type:"array"}};r===null?r=[c]:r.push(c),e++}var F=g===e}else
var F=!0;if(F){if(a.finish!==void 0){let n=a.finish;const g=e,m=e;let c=!1,Q=null;const v=e;if(n!==null){const j={instancePath:s+
"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/0/type",keyword:"type",params:{type:"\
null"}};r===null?r=[j]:r.push(j),e++}var y=v===e;y&&(c=!0,Q=0);const Z=e;if(e===Z)if(n&&typeof n=="object"&&!Array.isArray(
n)){let j;if(n.brightness===void 0&&(j="brightness")||n.range===void 0&&(j="range")||n.detail===void 0&&(j="detail")){const E={
instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/required",keyword:"\
required",params:{missingProperty:j}};r===null?r=[E]:r.push(E),e++}else{const E=e;for(const O in n)if(!(O==="brightness"||
O==="range"||O==="detail")){const I={instancePath:s+"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/propert\
ies/finish/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}};r===null?r=[I]:r.
push(I),e++;break}if(E===e){if(n.brightness!==void 0){let O=n.brightness;const I=e;if(!(typeof O=="number"&&isFinite(O))){
const re={instancePath:s+"/combined/finish/brightness",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf\
/1/properties/brightness/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:r.push(re),e++}var H=I===e}else var H=!0;
if(H){if(n.range!==void 0){let O=n.range;const I=e;if(!(typeof O=="number"&&isFinite(O))){const ee={instancePath:s+"/com\
bined/finish/range",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/range/type",keyword:"\
type",params:{type:"number"}};r===null?r=[ee]:r.push(ee),e++}var H=I===e}else var H=!0;if(H)if(n.detail!==void 0){let O=n.
detail;const I=e;if(!(typeof O=="number"&&isFinite(O))){const ee={instancePath:s+"/combined/finish/detail",schemaPath:"#\
/properties/combined/oneOf/1/properties/finish/oneOf/1/properties/detail/type",keyword:"type",params:{type:"number"}};r===
null?r=[ee]:r.push(ee),e++}var H=I===e}else var H=!0}}}}else{const j={instancePath:s+"/combined/finish",schemaPath:"#/pr\
operties/combined/oneOf/1/properties/finish/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[j]:r.push(j),
e++}var y=Z===e;if(y&&c?(c=!1,Q=[Q,1]):y&&(c=!0,Q=1),c)e=m,r!==null&&(m?r.length=m:r=null);else{const j={instancePath:s+
"/combined/finish",schemaPath:"#/properties/combined/oneOf/1/properties/finish/oneOf",keyword:"oneOf",params:{passingSchemas:Q}};
r===null?r=[j]:r.push(j),e++}var F=g===e}else var F=!0;if(F)if(a.floating!==void 0){const n=e;if(typeof a.floating!="boo\
lean"){const m={instancePath:s+"/combined/floating",schemaPath:"#/properties/combined/oneOf/1/properties/floating/type",
keyword:"type",params:{type:"boolean"}};r===null?r=[m]:r.push(m),e++}var F=n===e}else var F=!0}}}}}}}else{const w={instancePath:s+
"/combined",schemaPath:"#/properties/combined/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[w]:r.push(
w),e++}var D=$===e;if(D&&h?(h=!1,q=[q,1]):D&&(h=!0,q=1),h)e=t,r!==null&&(t?r.length=t:r=null);else{const w={instancePath:s+
"/combined",schemaPath:"#/properties/combined/oneOf",keyword:"oneOf",params:{passingSchemas:q}};return r===null?r=[w]:r.
push(w),e++,B.errors=r,!1}var p=S===e}else var p=!0;if(p)if(i.words!==void 0){let a=i.words;const S=e;if(e===S)if(a&&typeof a==
"object"&&!Array.isArray(a)){let h;if(a.source===void 0&&(h="source")||a.summary===void 0&&(h="summary"))return B.errors=
[{instancePath:s+"/words",schemaPath:"#/properties/words/required",keyword:"required",params:{missingProperty:h}}],!1;{const q=e;
for(const P in a)if(!(P==="source"||P==="summary")){return B.errors=[{instancePath:s+"/words",schemaPath:"#/properties/w\
ords/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:P}}],!1;break}if(q===e){if(a.source!==
void 0){let P=a.source;const $=e;if(e===$)if(typeof P=="string"){if(te(P)>200)return B.errors=[{instancePath:s+"/words/s\
ource",schemaPath:"#/properties/words/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return B.
errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"\
string"}}],!1;var M=$===e}else var M=!0;if(M)if(a.summary!==void 0){let P=a.summary;const $=e;if(e===$)if(typeof P=="str\
ing"){if(te(P)>200)return B.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/m\
axLength",keyword:"maxLength",params:{limit:200}}],!1}else return B.errors=[{instancePath:s+"/words/summary",schemaPath:"\
#/properties/words/properties/summary/type",keyword:"type",params:{type:"string"}}],!1;var M=$===e}else var M=!0}}}else return B.
errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var p=S===
e}else var p=!0}}}}}}}}}}}}}}}}}}}}}}}}}else return B.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return B.errors=r,e===0}const Ee=oe,qe={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},
id:{type:"string",pattern:"^[a-z0-9-]{8,64}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},
summary:{type:"string",maxLength:200},files:{type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:[
"dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integ\
er",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
thumbnail:{type:"string",pattern:"^data:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","\
files","thumbnail"],additionalProperties:!1},Fe=new RegExp("^data:image/jpeg;base64,","u");function oe(i,{instancePath:s="",
parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&!Array.isArray(
i)){let C;if(i.version===void 0&&(C="version")||i.id===void 0&&(C="id")||i.capturedAt===void 0&&(C="capturedAt")||i.source===
void 0&&(C="source")||i.summary===void 0&&(C="summary")||i.files===void 0&&(C="files")||i.thumbnail===void 0&&(C="thumbn\
ail"))return oe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:C}}],!1;{const Y=e;
for(const L in i)if(!(L==="version"||L==="id"||L==="capturedAt"||L==="source"||L==="summary"||L==="files"||L==="thumbnai\
l")){return oe.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:L}}],
!1;break}if(Y===e){if(i.version!==void 0){const L=e;if(i.version!==1)return oe.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var p=L===e}else var p=!0;if(p){if(i.id!==void 0){
let L=i.id;const A=e;if(e===A)if(typeof L=="string"){if(!je.test(L))return oe.errors=[{instancePath:s+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return oe.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var p=A===e}else var p=!0;if(p){if(i.
capturedAt!==void 0){let L=i.capturedAt;const A=e;if(e===A)if(typeof L=="number"&&isFinite(L)){if(L<0||isNaN(L))return oe.
errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return oe.errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"\
type",params:{type:"number"}}],!1;var p=A===e}else var p=!0;if(p){if(i.source!==void 0){let L=i.source;const A=e;if(e===
A)if(typeof L=="string"){if(te(L)>200)return oe.errors=[{instancePath:s+"/source",schemaPath:"#/properties/source/maxLen\
gth",keyword:"maxLength",params:{limit:200}}],!1}else return oe.errors=[{instancePath:s+"/source",schemaPath:"#/properti\
es/source/type",keyword:"type",params:{type:"string"}}],!1;var p=A===e}else var p=!0;if(p){if(i.summary!==void 0){let L=i.
summary;const A=e;if(e===A)if(typeof L=="string"){if(te(L)>200)return oe.errors=[{instancePath:s+"/summary",schemaPath:"\
#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return oe.errors=[{instancePath:s+"/sum\
mary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],!1;var p=A===e}else var p=!0;if(p){
if(i.files!==void 0){let L=i.files;const A=e;if(e===A)if(Array.isArray(L)){if(L.length>8)return oe.errors=[{instancePath:s+
"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],!1;if(L.length<1)return oe.errors=
[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{limit:1}}],!1;{var x=!0;const b=L.
length;for(let T=0;T<b;T++){let u=L[T];const U=e;if(e===U)if(u&&typeof u=="object"&&!Array.isArray(u)){let d;if(u.kind===
void 0&&(d="kind")||u.name===void 0&&(d="name")||u.bytes===void 0&&(d="bytes")||u.chunks===void 0&&(d="chunks"))return oe.
errors=[{instancePath:s+"/files/"+T,schemaPath:"#/properties/files/items/required",keyword:"required",params:{missingProperty:d}}],
!1;{const F=e;for(const o in u)if(!(o==="kind"||o==="name"||o==="bytes"||o==="chunks")){return oe.errors=[{instancePath:s+
"/files/"+T,schemaPath:"#/properties/files/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],
!1;break}if(F===e){if(u.kind!==void 0){let o=u.kind;const N=e;if(!(o==="dng"||o==="jpeg"||o==="tiff"||o==="png"||o==="we\
bp"||o==="avif"||o==="heic"||o==="raw"))return oe.errors=[{instancePath:s+"/files/"+T+"/kind",schemaPath:"#/properties/f\
iles/items/properties/kind/enum",keyword:"enum",params:{allowedValues:qe.properties.files.items.properties.kind.enum}}],
!1;var z=N===e}else var z=!0;if(z){if(u.name!==void 0){let o=u.name;const N=e;if(e===N)if(typeof o=="string"){if(te(o)>160)
return oe.errors=[{instancePath:s+"/files/"+T+"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"\
maxLength",params:{limit:160}}],!1;if(te(o)<1)return oe.errors=[{instancePath:s+"/files/"+T+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return oe.errors=[{instancePath:s+
"/files/"+T+"/name",schemaPath:"#/properties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;
var z=N===e}else var z=!0;if(z){if(u.bytes!==void 0){let o=u.bytes;const N=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&
isFinite(o)))return oe.errors=[{instancePath:s+"/files/"+T+"/bytes",schemaPath:"#/properties/files/items/properties/byte\
s/type",keyword:"type",params:{type:"integer"}}],!1;if(e===N&&typeof o=="number"&&isFinite(o)&&(o<1||isNaN(o)))return oe.
errors=[{instancePath:s+"/files/"+T+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/minimum",keyword:"min\
imum",params:{comparison:">=",limit:1}}],!1;var z=N===e}else var z=!0;if(z)if(u.chunks!==void 0){let o=u.chunks;const N=e;
if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return oe.errors=[{instancePath:s+"/files/"+T+"/chunks",schemaPath:"\
#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],!1;if(e===N&&typeof o=="number"&&
isFinite(o)){if(o>4096||isNaN(o))return oe.errors=[{instancePath:s+"/files/"+T+"/chunks",schemaPath:"#/properties/files/\
items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],!1;if(o<1||isNaN(o))return oe.errors=
[{instancePath:s+"/files/"+T+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/minimum",keyword:"minimum",
params:{comparison:">=",limit:1}}],!1}var z=N===e}else var z=!0}}}}}else return oe.errors=[{instancePath:s+"/files/"+T,schemaPath:"\
#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var x=U===e;if(!x)break}}}else return oe.errors=
[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{type:"array"}}],!1;var p=A===e}else
var p=!0;if(p)if(i.thumbnail!==void 0){let L=i.thumbnail;const A=e;if(e===A)if(typeof L=="string"){if(!Fe.test(L))return oe.
errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"pattern",params:{pattern:"^dat\
a:image/jpeg;base64,"}}],!1}else return oe.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/type",
keyword:"type",params:{type:"string"}}],!1;var p=A===e}else var p=!0}}}}}}}}else return oe.errors=[{instancePath:s,schemaPath:"\
#/type",keyword:"type",params:{type:"object"}}],!1;return oe.errors=r,e===0}const $e=de,Ae={$id:"velmo/camera-light/1",type:"\
object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,maxItems:3,items:{type:"ar\
ray",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:["number","null"]},greyStops:{
type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},required:["version","respo\
nse","measuredAt","greyStops","evOffset"],additionalProperties:!1};function de(i,{instancePath:s="",parentData:he,parentDataProperty:ve,
rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&!Array.isArray(i)){let Y;if(i.version===void 0&&(Y=
"version")||i.response===void 0&&(Y="response")||i.measuredAt===void 0&&(Y="measuredAt")||i.greyStops===void 0&&(Y="grey\
Stops")||i.evOffset===void 0&&(Y="evOffset"))return de.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:Y}}],!1;{const L=e;for(const A in i)if(!(A==="version"||A==="response"||A==="measuredAt"||A==="g\
reyStops"||A==="evOffset")){return de.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalPro\
perties",params:{additionalProperty:A}}],!1;break}if(L===e){if(i.version!==void 0){const A=e;if(i.version!==1)return de.
errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;
var p=A===e}else var p=!0;if(p){if(i.response!==void 0){let A=i.response;const V=e,b=e;let T=!1,u=null;const U=e;if(A!==
null){const F={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",params:{type:"n\
ull"}};r===null?r=[F]:r.push(F),e++}var C=U===e;C&&(T=!0,u=0);const f=e;if(e===f)if(Array.isArray(A))if(A.length>3){const F={
instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===
null?r=[F]:r.push(F),e++}else if(A.length<3){const F={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf\
/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[F]:r.push(F),e++}else{var x=!0;const F=A.length;for(let o=0;o<
F;o++){let N=A[o];const l=e;if(e===l)if(Array.isArray(N))if(N.length>256){const H={instancePath:s+"/response/"+o,schemaPath:"\
#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[H]:r.push(H),e++}else if(N.
length<256){const H={instancePath:s+"/response/"+o,schemaPath:"#/properties/response/oneOf/1/items/minItems",keyword:"mi\
nItems",params:{limit:256}};r===null?r=[H]:r.push(H),e++}else{var z=!0;const H=N.length;for(let y=0;y<H;y++){let D=N[y];
const M=e;if(e===M)if(typeof D=="number"&&isFinite(D)){if(D>1||isNaN(D)){const X={instancePath:s+"/response/"+o+"/"+y,schemaPath:"\
#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[X]:r.
push(X),e++}else if(D<0||isNaN(D)){const X={instancePath:s+"/response/"+o+"/"+y,schemaPath:"#/properties/response/oneOf/\
1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[X]:r.push(X),e++}}else{const X={instancePath:s+
"/response/"+o+"/"+y,schemaPath:"#/properties/response/oneOf/1/items/items/type",keyword:"type",params:{type:"number"}};
r===null?r=[X]:r.push(X),e++}var z=M===e;if(!z)break}}else{const H={instancePath:s+"/response/"+o,schemaPath:"#/properti\
es/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[H]:r.push(H),e++}var x=l===e;if(!x)break}}else{
const F={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/type",keyword:"type",params:{type:"array"}};
r===null?r=[F]:r.push(F),e++}var C=f===e;if(C&&T?(T=!1,u=[u,1]):C&&(T=!0,u=1),T)e=b,r!==null&&(b?r.length=b:r=null);else{
const F={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf",keyword:"oneOf",params:{passingSchemas:u}};
return r===null?r=[F]:r.push(F),e++,de.errors=r,!1}var p=V===e}else var p=!0;if(p){if(i.measuredAt!==void 0){let A=i.measuredAt;
const V=e;if(!(typeof A=="number"&&isFinite(A))&&A!==null)return de.errors=[{instancePath:s+"/measuredAt",schemaPath:"#/\
properties/measuredAt/type",keyword:"type",params:{type:Ae.properties.measuredAt.type}}],!1;var p=V===e}else var p=!0;if(p){
if(i.greyStops!==void 0){let A=i.greyStops;const V=e;if(e===V)if(typeof A=="number"&&isFinite(A)){if(A>4||isNaN(A))return de.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/maximum",keyword:"maximum",params:{comparison:"<\
=",limit:4}}],!1;if(A<-4||isNaN(A))return de.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/min\
imum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return de.errors=[{instancePath:s+"/greyStops",schemaPath:"\
#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;var p=V===e}else var p=!0;if(p)if(i.evOffset!==void 0){
let A=i.evOffset;const V=e;if(!(typeof A=="number"&&isFinite(A))&&A!==null)return de.errors=[{instancePath:s+"/evOffset",
schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:Ae.properties.evOffset.type}}],!1;if(e===V&&typeof A==
"number"&&isFinite(A)){if(A>30||isNaN(A))return de.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset\
/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(A<-30||isNaN(A))return de.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}}],!1}var p=V===
e}else var p=!0}}}}}}else return de.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],
!1;return de.errors=r,e===0}const Ue=Oe,Qe={$id:"velmo/camera-choice/1",oneOf:[{type:"object",properties:{device:{const:"\
simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},{type:"object",properties:{
device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{type:"string",maxLength:512}},
required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"integer",minimum:16,maximum:16384},
height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},required:["devic\
e"],additionalProperties:!1}]};function Oe(i,{instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,
e=0;const p=e;let x=!1,z=null;const C=e;if(e===C)if(i&&typeof i=="object"&&!Array.isArray(i)){let u;if(i.device===void 0&&
(u="device")||i.scene===void 0&&(u="scene")){const U={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"required",
params:{missingProperty:u}};r===null?r=[U]:r.push(U),e++}else{const U=e;for(const f in i)if(!(f==="device"||f==="scene")){
const d={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};
r===null?r=[d]:r.push(d),e++;break}if(U===e){if(i.device!==void 0){const f=e;if(i.device!=="simulated"){const d={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
d]:r.push(d),e++}var Y=f===e}else var Y=!0;if(Y)if(i.scene!==void 0){let f=i.scene;const d=e;if(e===d)if(typeof f=="stri\
ng"){if(te(f)>64){const o={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[o]:r.push(o),e++}}else{const o={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[o]:r.push(o),e++}var Y=d===e}else var Y=!0}}}else{const u={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var T=C===
e;T&&(x=!0,z=0);const L=e;if(e===L)if(i&&typeof i=="object"&&!Array.isArray(i)){let u;if(i.device===void 0&&(u="device")){
const U={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:u}};r===null?r=[U]:r.
push(U),e++}else{const U=e;for(const f in i)if(!(f==="device"||f==="camera"||f==="size")){const d={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:f}};r===null?r=[d]:r.push(d),e++;
break}if(U===e){if(i.device!==void 0){const f=e;if(i.device!=="browser"){const d={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[d]:r.push(d),e++}var A=f===
e}else var A=!0;if(A){if(i.camera!==void 0){let f=i.camera;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(f)){
let o;if(f.id===void 0&&(o="id")||f.label===void 0&&(o="label")){const N={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:o}};r===null?r=[N]:r.push(N),e++}else{const N=e;
for(const l in f)if(!(l==="id"||l==="label")){const k={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[k]:r.push(k),e++;break}if(N===
e){if(f.id!==void 0){let l=f.id;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>512){const H={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[H]:r.push(H),e++}}else{const H={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[H]:r.push(H),e++}var V=k===e}else var V=!0;if(V)if(f.label!==void 0){
let l=f.label;const k=e;if(e===k)if(typeof l=="string"){if(te(l)>512){const y={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[y]:r.push(y),
e++}}else{const y={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[y]:r.push(y),e++}var V=k===e}else var V=!0}}}else{const o={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}
var A=d===e}else var A=!0;if(A)if(i.size!==void 0){let f=i.size;const d=e;if(e===d)if(f&&typeof f=="object"&&!Array.isArray(
f)){let o;if(f.width===void 0&&(o="width")||f.height===void 0&&(o="height")){const N={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:o}};r===null?r=[N]:r.push(N),e++}else{const N=e;
for(const l in f)if(!(l==="width"||l==="height")){const k={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[k]:r.push(k),e++;break}if(N===
e){if(f.width!==void 0){let l=f.width;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const H={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[H]:r.push(H),e++}if(e===k&&typeof l=="number"&&isFinite(l)){if(l>16384||isNaN(l)){const H={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[H]:r.push(H),e++}else if(l<16||isNaN(l)){const H={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[H]:r.push(H),e++}}var b=k===
e}else var b=!0;if(b)if(f.height!==void 0){let l=f.height;const k=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(
l))){const y={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[y]:r.push(y),e++}if(e===k&&typeof l=="number"&&isFinite(l)){if(l>16384||isNaN(l)){const y={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[y]:r.push(y),e++}else if(l<16||isNaN(l)){const y={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[y]:r.push(y),e++}}var b=k===e}else var b=!0}}}else{const o={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[o]:r.push(o),e++}var A=d===e}else var A=!0}}}}else{const u={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var T=L===
e;if(T&&x?(x=!1,z=[z,1]):T&&(x=!0,z=1),x)e=p,r!==null&&(p?r.length=p:r=null);else{const u={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:z}};return r===null?r=[u]:r.push(u),e++,Oe.errors=r,!1}return Oe.errors=r,
e===0}const Ze=G,xe={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},development:{type:"object",properties:{exposure:{type:"number",minimum:-5,maximum:5},
contrast:{type:"number",minimum:-1,maximum:1},highlights:{type:"number",minimum:-1,maximum:1},shadows:{type:"number",minimum:-1,
maximum:1},white:{oneOf:[{type:"null"},{type:"object",properties:{kelvin:{type:"number",minimum:2e3,maximum:12e3},tint:{
type:"number",minimum:-30,maximum:30}},required:["kelvin","tint"],additionalProperties:!1}]},saturation:{type:"number",minimum:-1,
maximum:1},greys:{oneOf:[{type:"null"},{type:"array",items:{type:"number",minimum:-1,maximum:2},minItems:3,maxItems:3}]},
sharpening:{type:"number",minimum:0,maximum:1},noise:{type:"number",minimum:0,maximum:1}},required:["exposure","contrast",
"highlights","shadows","white","saturation","greys","sharpening","noise"],additionalProperties:!1},reframe:{type:"object",
properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",minimum:-450,maximum:450},crop:{type:"object",properties:{x:{
type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,maximum:2},width:{type:"number",minimum:.001,maximum:2},
height:{type:"number",minimum:.001,maximum:2}},required:["x","y","width","height"],additionalProperties:!1}},required:["\
quarters","tilt","crop"],additionalProperties:!1}},required:["version","roll","choice"],additionalProperties:!1};function G(i,{
instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&
!Array.isArray(i)){let b;if(i.version===void 0&&(b="version")||i.roll===void 0&&(b="roll")||i.choice===void 0&&(b="choic\
e"))return G.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:b}}],!1;{const T=e;
for(const u in i)if(!(u==="version"||u==="roll"||u==="choice"||u==="development"||u==="reframe")){return G.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:u}}],!1;break}if(T===e){if(i.
version!==void 0){const u=e;if(i.version!==1)return G.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:1}}],!1;var p=u===e}else var p=!0;if(p){if(i.roll!==void 0){let u=i.roll;const U=e;
if(e===U)if(typeof u=="string"){if(te(u)>200)return G.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxL\
ength",keyword:"maxLength",params:{limit:200}}],!1}else return G.errors=[{instancePath:s+"/roll",schemaPath:"#/propertie\
s/roll/type",keyword:"type",params:{type:"string"}}],!1;var p=U===e}else var p=!0;if(p){if(i.choice!==void 0){let u=i.choice;
const U=e;if(!(u==="kept"||u==="dropped"||u===null))return G.errors=[{instancePath:s+"/choice",schemaPath:"#/properties/\
choice/enum",keyword:"enum",params:{allowedValues:xe.properties.choice.enum}}],!1;var p=U===e}else var p=!0;if(p){if(i.development!==
void 0){let u=i.development;const U=e;if(e===U)if(u&&typeof u=="object"&&!Array.isArray(u)){let d;if(u.exposure===void 0&&
(d="exposure")||u.contrast===void 0&&(d="contrast")||u.highlights===void 0&&(d="highlights")||u.shadows===void 0&&(d="sh\
adows")||u.white===void 0&&(d="white")||u.saturation===void 0&&(d="saturation")||u.greys===void 0&&(d="greys")||u.sharpening===
void 0&&(d="sharpening")||u.noise===void 0&&(d="noise"))return G.errors=[{instancePath:s+"/development",schemaPath:"#/pr\
operties/development/required",keyword:"required",params:{missingProperty:d}}],!1;{const F=e;for(const o in u)if(!be.call(
xe.properties.development.properties,o)){return G.errors=[{instancePath:s+"/development",schemaPath:"#/properties/develo\
pment/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(F===e){if(u.exposure!==
void 0){let o=u.exposure;const N=e;if(e===N)if(typeof o=="number"&&isFinite(o)){if(o>5||isNaN(o))return G.errors=[{instancePath:s+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:5}}],!1;if(o<-5||isNaN(o))return G.errors=[{instancePath:s+"/development/exposure",schemaPath:"#/properties/de\
velopment/properties/exposure/minimum",keyword:"minimum",params:{comparison:">=",limit:-5}}],!1}else return G.errors=[{instancePath:s+
"/development/exposure",schemaPath:"#/properties/development/properties/exposure/type",keyword:"type",params:{type:"numb\
er"}}],!1;var x=N===e}else var x=!0;if(x){if(u.contrast!==void 0){let o=u.contrast;const N=e;if(e===N)if(typeof o=="numb\
er"&&isFinite(o)){if(o>1||isNaN(o))return G.errors=[{instancePath:s+"/development/contrast",schemaPath:"#/properties/dev\
elopment/properties/contrast/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(o<-1||isNaN(o))return G.
errors=[{instancePath:s+"/development/contrast",schemaPath:"#/properties/development/properties/contrast/minimum",keyword:"\
minimum",params:{comparison:">=",limit:-1}}],!1}else return G.errors=[{instancePath:s+"/development/contrast",schemaPath:"\
#/properties/development/properties/contrast/type",keyword:"type",params:{type:"number"}}],!1;var x=N===e}else var x=!0;
if(x){if(u.highlights!==void 0){let o=u.highlights;const N=e;if(e===N)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(
o))return G.errors=[{instancePath:s+"/development/highlights",schemaPath:"#/properties/development/properties/highlights\
/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(o<-1||isNaN(o))return G.errors=[{instancePath:s+"/d\
evelopment/highlights",schemaPath:"#/properties/development/properties/highlights/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return G.errors=[{instancePath:s+"/development/highlights",schemaPath:"#/properties/development/\
properties/highlights/type",keyword:"type",params:{type:"number"}}],!1;var x=N===e}else var x=!0;if(x){if(u.shadows!==void 0){
let o=u.shadows;const N=e;if(e===N)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o))return G.errors=[{instancePath:s+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}}],!1;if(o<-1||isNaN(o))return G.errors=[{instancePath:s+"/development/shadows",schemaPath:"#/properties/dev\
elopment/properties/shadows/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return G.errors=[{instancePath:s+
"/development/shadows",schemaPath:"#/properties/development/properties/shadows/type",keyword:"type",params:{type:"number"}}],
!1;var x=N===e}else var x=!0;if(x){if(u.white!==void 0){let o=u.white;const N=e,l=e;let k=!1,H=null;const y=e;if(o!==null){
const _={instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/0/type",keyword:"\
type",params:{type:"null"}};r===null?r=[_]:r.push(_),e++}var C=y===e;C&&(k=!0,H=0);const D=e;if(e===D)if(o&&typeof o=="o\
bject"&&!Array.isArray(o)){let _;if(o.kelvin===void 0&&(_="kelvin")||o.tint===void 0&&(_="tint")){const X={instancePath:s+
"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/required",keyword:"required",params:{
missingProperty:_}};r===null?r=[X]:r.push(X),e++}else{const X=e;for(const a in o)if(!(a==="kelvin"||a==="tint")){const S={
instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/white/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[S]:r.push(S),e++;break}if(X===e){if(o.kelvin!==
void 0){let a=o.kelvin;const S=e;if(e===S)if(typeof a=="number"&&isFinite(a)){if(a>12e3||isNaN(a)){const t={instancePath:s+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/maximum",keyword:"\
maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[t]:r.push(t),e++}else if(a<2e3||isNaN(a)){const t={instancePath:s+
"/development/white/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/minimum",keyword:"\
minimum",params:{comparison:">=",limit:2e3}};r===null?r=[t]:r.push(t),e++}}else{const t={instancePath:s+"/development/wh\
ite/kelvin",schemaPath:"#/properties/development/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{
type:"number"}};r===null?r=[t]:r.push(t),e++}var z=S===e}else var z=!0;if(z)if(o.tint!==void 0){let a=o.tint;const S=e;if(e===
S)if(typeof a=="number"&&isFinite(a)){if(a>30||isNaN(a)){const h={instancePath:s+"/development/white/tint",schemaPath:"#\
/properties/development/properties/white/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};
r===null?r=[h]:r.push(h),e++}else if(a<-30||isNaN(a)){const h={instancePath:s+"/development/white/tint",schemaPath:"#/pr\
operties/development/properties/white/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};
r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+"/development/white/tint",schemaPath:"#/properties/developmen\
t/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[h]:r.push(h),e++}var z=S===
e}else var z=!0}}}else{const _={instancePath:s+"/development/white",schemaPath:"#/properties/development/properties/whit\
e/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[_]:r.push(_),e++}var C=D===e;if(C&&k?(k=!1,H=[H,1]):C&&
(k=!0,H=1),k)e=l,r!==null&&(l?r.length=l:r=null);else{const _={instancePath:s+"/development/white",schemaPath:"#/propert\
ies/development/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:H}};return r===null?r=[_]:r.push(_),e++,G.
errors=r,!1}var x=N===e}else var x=!0;if(x){if(u.saturation!==void 0){let o=u.saturation;const N=e;if(e===N)if(typeof o==
"number"&&isFinite(o)){if(o>1||isNaN(o))return G.errors=[{instancePath:s+"/development/saturation",schemaPath:"#/propert\
ies/development/properties/saturation/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(o<-1||isNaN(o))
return G.errors=[{instancePath:s+"/development/saturation",schemaPath:"#/properties/development/properties/saturation/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return G.errors=[{instancePath:s+"/development/satu\
ration",schemaPath:"#/properties/development/properties/saturation/type",keyword:"type",params:{type:"number"}}],!1;var x=N===
e}else var x=!0;if(x){if(u.greys!==void 0){let o=u.greys;const N=e,l=e;let k=!1,H=null;const y=e;if(o!==null){const _={instancePath:s+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/0/type",keyword:"type",params:{type:"nu\
ll"}};r===null?r=[_]:r.push(_),e++}var L=y===e;L&&(k=!0,H=0);const D=e;if(e===D)if(Array.isArray(o))if(o.length>3){const _={
instancePath:s+"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf/1/maxItems",keyword:"max\
Items",params:{limit:3}};r===null?r=[_]:r.push(_),e++}else if(o.length<3){const _={instancePath:s+"/development/greys",schemaPath:"\
#/properties/development/properties/greys/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[_]:r.push(_),
e++}else{var Y=!0;const _=o.length;for(let X=0;X<_;X++){let a=o[X];const S=e;if(e===S)if(typeof a=="number"&&isFinite(a)){
if(a>2||isNaN(a)){const h={instancePath:s+"/development/greys/"+X,schemaPath:"#/properties/development/properties/greys/\
oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}};r===null?r=[h]:r.push(h),e++}else if(a<-1||isNaN(
a)){const h={instancePath:s+"/development/greys/"+X,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/\
minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[h]:r.push(h),e++}}else{const h={instancePath:s+
"/development/greys/"+X,schemaPath:"#/properties/development/properties/greys/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[h]:r.push(h),e++}var Y=S===e;if(!Y)break}}else{const _={instancePath:s+"/development/greys",
schemaPath:"#/properties/development/properties/greys/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[_]:
r.push(_),e++}var L=D===e;if(L&&k?(k=!1,H=[H,1]):L&&(k=!0,H=1),k)e=l,r!==null&&(l?r.length=l:r=null);else{const _={instancePath:s+
"/development/greys",schemaPath:"#/properties/development/properties/greys/oneOf",keyword:"oneOf",params:{passingSchemas:H}};
return r===null?r=[_]:r.push(_),e++,G.errors=r,!1}var x=N===e}else var x=!0;if(x){if(u.sharpening!==void 0){let o=u.sharpening;
const N=e;if(e===N)if(typeof o=="number"&&isFinite(o)){if(o>1||isNaN(o))return G.errors=[{instancePath:s+"/development/s\
harpening",schemaPath:"#/properties/development/properties/sharpening/maximum",keyword:"maximum",params:{comparison:"<=",
limit:1}}],!1;if(o<0||isNaN(o))return G.errors=[{instancePath:s+"/development/sharpening",schemaPath:"#/properties/devel\
opment/properties/sharpening/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return G.errors=[{instancePath:s+
"/development/sharpening",schemaPath:"#/properties/development/properties/sharpening/type",keyword:"type",params:{type:"\
number"}}],!1;var x=N===e}else var x=!0;if(x)if(u.noise!==void 0){let o=u.noise;const N=e;if(e===N)if(typeof o=="number"&&
isFinite(o)){if(o>1||isNaN(o))return G.errors=[{instancePath:s+"/development/noise",schemaPath:"#/properties/development\
/properties/noise/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(o<0||isNaN(o))return G.errors=[{instancePath:s+
"/development/noise",schemaPath:"#/properties/development/properties/noise/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return G.errors=[{instancePath:s+"/development/noise",schemaPath:"#/properties/development/proper\
ties/noise/type",keyword:"type",params:{type:"number"}}],!1;var x=N===e}else var x=!0}}}}}}}}}}else return G.errors=[{instancePath:s+
"/development",schemaPath:"#/properties/development/type",keyword:"type",params:{type:"object"}}],!1;var p=U===e}else var p=!0;
if(p)if(i.reframe!==void 0){let u=i.reframe;const U=e;if(e===U)if(u&&typeof u=="object"&&!Array.isArray(u)){let d;if(u.quarters===
void 0&&(d="quarters")||u.tilt===void 0&&(d="tilt")||u.crop===void 0&&(d="crop"))return G.errors=[{instancePath:s+"/refr\
ame",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:d}}],!1;{const F=e;for(const o in u)
if(!(o==="quarters"||o==="tilt"||o==="crop")){return G.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(F===e){if(u.quarters!==
void 0){let o=u.quarters;const N=e;if(!(o===0||o===1||o===2||o===3))return G.errors=[{instancePath:s+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:xe.properties.reframe.properties.
quarters.enum}}],!1;var A=N===e}else var A=!0;if(A){if(u.tilt!==void 0){let o=u.tilt;const N=e;if(!(typeof o=="number"&&
!(o%1)&&!isNaN(o)&&isFinite(o)))return G.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===N&&typeof o=="number"&&isFinite(o)){if(o>450||isNaN(o))
return G.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(o<-450||isNaN(o))return G.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var A=N===e}else
var A=!0;if(A)if(u.crop!==void 0){let o=u.crop;const N=e;if(e===N)if(o&&typeof o=="object"&&!Array.isArray(o)){let k;if(o.
x===void 0&&(k="x")||o.y===void 0&&(k="y")||o.width===void 0&&(k="width")||o.height===void 0&&(k="height"))return G.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:k}}],
!1;{const H=e;for(const y in o)if(!(y==="x"||y==="y"||y==="width"||y==="height")){return G.errors=[{instancePath:s+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:y}}],!1;break}if(H===e){if(o.x!==void 0){let y=o.x;const D=e;if(e===D)if(typeof y=="number"&&isFinite(
y)){if(y>2||isNaN(y))return G.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<-1||isNaN(y))return G.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return G.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var V=D===e}else var V=!0;if(V){if(o.y!==void 0){let y=o.
y;const D=e;if(e===D)if(typeof y=="number"&&isFinite(y)){if(y>2||isNaN(y))return G.errors=[{instancePath:s+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(y<-1||isNaN(y))return G.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return G.errors=[{instancePath:s+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var V=D===e}else var V=!0;if(V){if(o.width!==void 0){let y=o.width;const D=e;if(e===D)if(typeof y=="number"&&isFinite(
y)){if(y>2||isNaN(y))return G.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<.001||isNaN(y))return G.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return G.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var V=D===e}else var V=!0;
if(V)if(o.height!==void 0){let y=o.height;const D=e;if(e===D)if(typeof y=="number"&&isFinite(y)){if(y>2||isNaN(y))return G.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(y<.001||isNaN(y))return G.errors=[{instancePath:s+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return G.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var V=D===e}else var V=!0}}}}}else return G.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var A=N===e}else var A=!0}}}}else return G.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var p=U===e}else var p=!0}}}}}}else return G.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return G.errors=r,e===0}const Me=ue,Re={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function ue(i,{
instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&
!Array.isArray(i)){let x;if(i.version===void 0&&(x="version")||i.id===void 0&&(x="id")||i.name===void 0&&(x="name")||i.madeAt===
void 0&&(x="madeAt"))return ue.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:x}}],
!1;{const z=e;for(const C in i)if(!(C==="version"||C==="id"||C==="name"||C==="madeAt")){return ue.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}}],!1;break}if(z===e){if(i.
version!==void 0){const C=e;if(i.version!==1)return ue.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var p=C===e}else var p=!0;if(p){if(i.id!==void 0){let C=i.id;const Y=e;
if(e===Y)if(typeof C=="string"){if(te(C)>200)return ue.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(te(C)<1)return ue.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return ue.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var p=Y===e}else var p=!0;if(p){if(i.name!==void 0){let C=i.
name;const Y=e;if(e===Y)if(typeof C=="string"){if(te(C)>40)return ue.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(C)<1)return ue.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return ue.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var p=Y===e}else var p=!0;if(p)if(i.madeAt!==void 0){
let C=i.madeAt;const Y=e;if(e===Y)if(typeof C=="number"&&isFinite(C)){if(C<0||isNaN(C))return ue.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ue.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var p=Y===
e}else var p=!0}}}}}else return ue.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return ue.errors=r,e===0}const We=ge,Be={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function ge(i,{instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i==
"object"&&!Array.isArray(i)){let x;if(i.version===void 0&&(x="version")||i.clips===void 0&&(x="clips")||i.zebra===void 0&&
(x="zebra")||i.edges===void 0&&(x="edges"))return ge.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:x}}],!1;{const z=e;for(const C in i)if(!(C==="version"||C==="clips"||C==="zebra"||C==="edges")){
return ge.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:C}}],
!1;break}if(z===e){if(i.version!==void 0){const C=e;if(i.version!==1)return ge.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var p=C===e}else var p=!0;if(p){if(i.clips!==void 0){
const C=e;if(typeof i.clips!="boolean")return ge.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var p=C===e}else var p=!0;if(p){if(i.zebra!==void 0){const C=e;if(typeof i.zebra!="bo\
olean")return ge.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var p=C===e}else var p=!0;if(p)if(i.edges!==void 0){const C=e;if(typeof i.edges!="boolean")return ge.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var p=C===e}else
var p=!0}}}}}else return ge.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ge.
errors=r,e===0}const Ge=ie,ke={$id:"velmo/kit/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"\
^[a-z0-9-]{1,40}$"},name:{type:"string",minLength:1,maxLength:40,pattern:"\\S"},parts:{type:"array",items:{enum:["exposu\
re","focus","white","rig","files","series","marks"]},minItems:1,uniqueItems:!0},settings:{$ref:"../settings/8"},monitors:{
type:"object",properties:{over:{enum:["any","red","green","blue","off"]},overColour:{enum:["pink","white","black"]},under:{
type:"boolean"},zebra:{oneOf:[{type:"null"},{type:"object",properties:{on:{const:"raw"},clicksUnder:{type:"integer",minimum:0,
maximum:9}},required:["on","clicksUnder"],additionalProperties:!1},{type:"object",properties:{on:{const:"picture"},percent:{
type:"integer",minimum:70,maximum:109}},required:["on","percent"],additionalProperties:!1}]},toneClicks:{type:["integer",
"null"],minimum:-18,maximum:9},rawHistogram:{enum:["off","small","large"]},logHeight:{type:"boolean"},pictureHistogram:{
type:"boolean"},allowedShare:{enum:[0,.001,.005,.02]},peaking:{enum:["focusing","always","off"]},peakingStrength:{enum:[
"low","medium","high"]},peakingColour:{enum:["violet","white","blue"]}},required:["over","overColour","under","zebra","t\
oneClicks","rawHistogram","logHeight","pictureHistogram","allowedShare","peaking","peakingStrength","peakingColour"],additionalProperties:!1}},
required:["version","id","name","parts","settings","monitors"],additionalProperties:!1},ze=new RegExp("^[a-z0-9-]{1,40}$",
"u"),Ce=new RegExp("\\S","u");function ie(i,{instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,
e=0;if(e===0)if(i&&typeof i=="object"&&!Array.isArray(i)){let A;if(i.version===void 0&&(A="version")||i.id===void 0&&(A=
"id")||i.name===void 0&&(A="name")||i.parts===void 0&&(A="parts")||i.settings===void 0&&(A="settings")||i.monitors===void 0&&
(A="monitors"))return ie.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:A}}],
!1;{const V=e;for(const b in i)if(!(b==="version"||b==="id"||b==="name"||b==="parts"||b==="settings"||b==="monitors")){return ie.
errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:b}}],
!1;break}if(V===e){if(i.version!==void 0){const b=e;if(i.version!==1)return ie.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var p=b===e}else var p=!0;if(p){if(i.id!==void 0){
let b=i.id;const T=e;if(e===T)if(typeof b=="string"){if(!ze.test(b))return ie.errors=[{instancePath:s+"/id",schemaPath:"\
#/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,40}$"}}],!1}else return ie.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var p=T===e}else var p=!0;if(p){if(i.
name!==void 0){let b=i.name;const T=e;if(e===T)if(typeof b=="string"){if(te(b)>40)return ie.errors=[{instancePath:s+"/na\
me",schemaPath:"#/properties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(te(b)<1)return ie.errors=[{instancePath:s+
"/name",schemaPath:"#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1;if(!Ce.test(b))return ie.errors=
[{instancePath:s+"/name",schemaPath:"#/properties/name/pattern",keyword:"pattern",params:{pattern:"\\S"}}],!1}else return ie.
errors=[{instancePath:s+"/name",schemaPath:"#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var p=T===
e}else var p=!0;if(p){if(i.parts!==void 0){let b=i.parts;const T=e;if(e===T)if(Array.isArray(b)){if(b.length<1)return ie.
errors=[{instancePath:s+"/parts",schemaPath:"#/properties/parts/minItems",keyword:"minItems",params:{limit:1}}],!1;{var x=!0;
const U=b.length;for(let f=0;f<U;f++){let d=b[f];const F=e;if(!(d==="exposure"||d==="focus"||d==="white"||d==="rig"||d===
"files"||d==="series"||d==="marks"))return ie.errors=[{instancePath:s+"/parts/"+f,schemaPath:"#/properties/parts/items/e\
num",keyword:"enum",params:{allowedValues:ke.properties.parts.items.enum}}],!1;var x=F===e;if(!x)break}if(x){let f=b.length,
d;if(f>1){e:for(;f--;)for(d=f;d--;)if(Ne(b[f],b[d])){return ie.errors=[{instancePath:s+"/parts",schemaPath:"#/properties\
/parts/uniqueItems",keyword:"uniqueItems",params:{i:f,j:d}}],!1;break e}}}}}else return ie.errors=[{instancePath:s+"/par\
ts",schemaPath:"#/properties/parts/type",keyword:"type",params:{type:"array"}}],!1;var p=T===e}else var p=!0;if(p){if(i.
settings!==void 0){const b=e;W(i.settings,{instancePath:s+"/settings",parentData:i,parentDataProperty:"settings",rootData:ye})||
(r=r===null?W.errors:r.concat(W.errors),e=r.length);var p=b===e}else var p=!0;if(p)if(i.monitors!==void 0){let b=i.monitors;
const T=e;if(e===T)if(b&&typeof b=="object"&&!Array.isArray(b)){let U;if(b.over===void 0&&(U="over")||b.overColour===void 0&&
(U="overColour")||b.under===void 0&&(U="under")||b.zebra===void 0&&(U="zebra")||b.toneClicks===void 0&&(U="toneClicks")||
b.rawHistogram===void 0&&(U="rawHistogram")||b.logHeight===void 0&&(U="logHeight")||b.pictureHistogram===void 0&&(U="pic\
tureHistogram")||b.allowedShare===void 0&&(U="allowedShare")||b.peaking===void 0&&(U="peaking")||b.peakingStrength===void 0&&
(U="peakingStrength")||b.peakingColour===void 0&&(U="peakingColour"))return ie.errors=[{instancePath:s+"/monitors",schemaPath:"\
#/properties/monitors/required",keyword:"required",params:{missingProperty:U}}],!1;{const f=e;for(const d in b)if(!be.call(
ke.properties.monitors.properties,d)){return ie.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/ad\
ditionalProperties",keyword:"additionalProperties",params:{additionalProperty:d}}],!1;break}if(f===e){if(b.over!==void 0){
let d=b.over;const F=e;if(!(d==="any"||d==="red"||d==="green"||d==="blue"||d==="off"))return ie.errors=[{instancePath:s+
"/monitors/over",schemaPath:"#/properties/monitors/properties/over/enum",keyword:"enum",params:{allowedValues:ke.properties.
monitors.properties.over.enum}}],!1;var z=F===e}else var z=!0;if(z){if(b.overColour!==void 0){let d=b.overColour;const F=e;
if(!(d==="pink"||d==="white"||d==="black"))return ie.errors=[{instancePath:s+"/monitors/overColour",schemaPath:"#/proper\
ties/monitors/properties/overColour/enum",keyword:"enum",params:{allowedValues:ke.properties.monitors.properties.overColour.
enum}}],!1;var z=F===e}else var z=!0;if(z){if(b.under!==void 0){const d=e;if(typeof b.under!="boolean")return ie.errors=
[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monitors/properties/under/type",keyword:"type",params:{type:"\
boolean"}}],!1;var z=d===e}else var z=!0;if(z){if(b.zebra!==void 0){let d=b.zebra;const F=e,o=e;let N=!1,l=null;const k=e;
if(d!==null){const D={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/0/type",
keyword:"type",params:{type:"null"}};r===null?r=[D]:r.push(D),e++}var Y=k===e;Y&&(N=!0,l=0);const H=e;if(e===H)if(d&&typeof d==
"object"&&!Array.isArray(d)){let D;if(d.on===void 0&&(D="on")||d.clicksUnder===void 0&&(D="clicksUnder")){const M={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/required",keyword:"required",params:{missingProperty:D}};
r===null?r=[M]:r.push(M),e++}else{const M=e;for(const _ in d)if(!(_==="on"||_==="clicksUnder")){const X={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/additionalProperties",keyword:"additionalPr\
operties",params:{additionalProperty:_}};r===null?r=[X]:r.push(X),e++;break}if(M===e){if(d.on!==void 0){const _=e;if(d.on!==
"raw"){const X={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propertie\
s/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?r=[X]:r.push(X),e++}var C=_===e}else var C=!0;if(C)if(d.
clicksUnder!==void 0){let _=d.clicksUnder;const X=e;if(!(typeof _=="number"&&!(_%1)&&!isNaN(_)&&isFinite(_))){const S={instancePath:s+
"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[S]:r.push(S),e++}if(e===X&&typeof _=="number"&&isFinite(_)){if(_>9||isNaN(_)){
const S={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/propert\
ies/clicksUnder/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[S]:r.push(S),e++}else if(_<0||isNaN(
_)){const S={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/pro\
perties/clicksUnder/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[S]:r.push(S),e++}}var C=X===
e}else var C=!0}}}else{const D={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/1/type",keyword:"type",params:{type:"object"}};r===null?r=[D]:r.push(D),e++}var Y=H===e;if(Y&&N)N=!1,l=[l,1];else{Y&&(N=
!0,l=1);const D=e;if(e===D)if(d&&typeof d=="object"&&!Array.isArray(d)){let _;if(d.on===void 0&&(_="on")||d.percent===void 0&&
(_="percent")){const X={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/requ\
ired",keyword:"required",params:{missingProperty:_}};r===null?r=[X]:r.push(X),e++}else{const X=e;for(const a in d)if(!(a===
"on"||a==="percent")){const S={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}};r===null?r=[S]:r.push(S),e++;break}
if(X===e){if(d.on!==void 0){const a=e;if(d.on!=="picture"){const S={instancePath:s+"/monitors/zebra/on",schemaPath:"#/pr\
operties/monitors/properties/zebra/oneOf/2/properties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?
r=[S]:r.push(S),e++}var L=a===e}else var L=!0;if(L)if(d.percent!==void 0){let a=d.percent;const S=e;if(!(typeof a=="numb\
er"&&!(a%1)&&!isNaN(a)&&isFinite(a))){const h={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitor\
s/properties/zebra/oneOf/2/properties/percent/type",keyword:"type",params:{type:"integer"}};r===null?r=[h]:r.push(h),e++}
if(e===S&&typeof a=="number"&&isFinite(a)){if(a>109||isNaN(a)){const h={instancePath:s+"/monitors/zebra/percent",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};
r===null?r=[h]:r.push(h),e++}else if(a<70||isNaN(a)){const h={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/pro\
perties/monitors/properties/zebra/oneOf/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};
r===null?r=[h]:r.push(h),e++}}var L=S===e}else var L=!0}}}else{const _={instancePath:s+"/monitors/zebra",schemaPath:"#/p\
roperties/monitors/properties/zebra/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[_]:r.push(_),e++}var Y=D===
e;Y&&N?(N=!1,l=[l,2]):Y&&(N=!0,l=2)}if(N)e=o,r!==null&&(o?r.length=o:r=null);else{const D={instancePath:s+"/monitors/zeb\
ra",schemaPath:"#/properties/monitors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:l}};return r===null?
r=[D]:r.push(D),e++,ie.errors=r,!1}var z=F===e}else var z=!0;if(z){if(b.toneClicks!==void 0){let d=b.toneClicks;const F=e;
if(!(typeof d=="number"&&!(d%1)&&!isNaN(d)&&isFinite(d))&&d!==null)return ie.errors=[{instancePath:s+"/monitors/toneClic\
ks",schemaPath:"#/properties/monitors/properties/toneClicks/type",keyword:"type",params:{type:ke.properties.monitors.properties.
toneClicks.type}}],!1;if(e===F&&typeof d=="number"&&isFinite(d)){if(d>9||isNaN(d))return ie.errors=[{instancePath:s+"/mo\
nitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:9}}],!1;if(d<-18||isNaN(d))return ie.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/m\
onitors/properties/toneClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var z=F===e}else var z=!0;
if(z){if(b.rawHistogram!==void 0){let d=b.rawHistogram;const F=e;if(!(d==="off"||d==="small"||d==="large"))return ie.errors=
[{instancePath:s+"/monitors/rawHistogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",
params:{allowedValues:ke.properties.monitors.properties.rawHistogram.enum}}],!1;var z=F===e}else var z=!0;if(z){if(b.logHeight!==
void 0){const d=e;if(typeof b.logHeight!="boolean")return ie.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#\
/properties/monitors/properties/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var z=d===e}else var z=!0;if(z){
if(b.pictureHistogram!==void 0){const d=e;if(typeof b.pictureHistogram!="boolean")return ie.errors=[{instancePath:s+"/mo\
nitors/pictureHistogram",schemaPath:"#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"\
boolean"}}],!1;var z=d===e}else var z=!0;if(z){if(b.allowedShare!==void 0){let d=b.allowedShare;const F=e;if(!(d===0||d===
.001||d===.005||d===.02))return ie.errors=[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/pr\
operties/allowedShare/enum",keyword:"enum",params:{allowedValues:ke.properties.monitors.properties.allowedShare.enum}}],
!1;var z=F===e}else var z=!0;if(z){if(b.peaking!==void 0){let d=b.peaking;const F=e;if(!(d==="focusing"||d==="always"||d===
"off"))return ie.errors=[{instancePath:s+"/monitors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",
keyword:"enum",params:{allowedValues:ke.properties.monitors.properties.peaking.enum}}],!1;var z=F===e}else var z=!0;if(z){
if(b.peakingStrength!==void 0){let d=b.peakingStrength;const F=e;if(!(d==="low"||d==="medium"||d==="high"))return ie.errors=
[{instancePath:s+"/monitors/peakingStrength",schemaPath:"#/properties/monitors/properties/peakingStrength/enum",keyword:"\
enum",params:{allowedValues:ke.properties.monitors.properties.peakingStrength.enum}}],!1;var z=F===e}else var z=!0;if(z)
if(b.peakingColour!==void 0){let d=b.peakingColour;const F=e;if(!(d==="violet"||d==="white"||d==="blue"))return ie.errors=
[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/monitors/properties/peakingColour/enum",keyword:"enu\
m",params:{allowedValues:ke.properties.monitors.properties.peakingColour.enum}}],!1;var z=F===e}else var z=!0}}}}}}}}}}}}}else
return ie.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/type",keyword:"type",params:{type:"objec\
t"}}],!1;var p=T===e}else var p=!0}}}}}}}else return ie.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{
type:"object"}}],!1;return ie.errors=r,e===0}const Je=ae,Le={$id:"velmo/handoff/1",type:"object",properties:{pairing:{anyOf:[
{type:"null"},{type:"object",properties:{token:{type:"string",maxLength:64},computer:{type:"string",maxLength:255},folder:{
type:"string",maxLength:255}},required:["token","computer","folder"],additionalProperties:!1}]},jobs:{type:"array",items:{
type:"object",properties:{ids:{type:"array",items:{type:"string",maxLength:64}},done:{type:"array",items:{type:"string",
maxLength:64}},choices:{type:"object",properties:{what:{enum:["files","developed","archive"]},sidecars:{type:"boolean"},
folders:{type:"boolean"},place:{type:"boolean"}},required:["what","sidecars","folders","place"],additionalProperties:!1}},
required:["ids","done","choices"],additionalProperties:!1}}},required:["pairing","jobs"],additionalProperties:!1};function ae(i,{
instancePath:s="",parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&
!Array.isArray(i)){let b;if(i.pairing===void 0&&(b="pairing")||i.jobs===void 0&&(b="jobs"))return ae.errors=[{instancePath:s,
schemaPath:"#/required",keyword:"required",params:{missingProperty:b}}],!1;{const T=e;for(const u in i)if(!(u==="pairing"||
u==="jobs")){return ae.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:u}}],!1;break}if(T===e){if(i.pairing!==void 0){let u=i.pairing;const U=e,f=e;let d=!1;const F=e;if(u!==
null){const o={instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf/0/type",keyword:"type",params:{type:"nul\
l"}};r===null?r=[o]:r.push(o),e++}var p=F===e;if(d=d||p,!d){const o=e;if(e===o)if(u&&typeof u=="object"&&!Array.isArray(
u)){let l;if(u.token===void 0&&(l="token")||u.computer===void 0&&(l="computer")||u.folder===void 0&&(l="folder")){const k={
instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf/1/required",keyword:"required",params:{missingProperty:l}};
r===null?r=[k]:r.push(k),e++}else{const k=e;for(const H in u)if(!(H==="token"||H==="computer"||H==="folder")){const y={instancePath:s+
"/pairing",schemaPath:"#/properties/pairing/anyOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:H}};
r===null?r=[y]:r.push(y),e++;break}if(k===e){if(u.token!==void 0){let H=u.token;const y=e;if(e===y)if(typeof H=="string"){
if(te(H)>64){const D={instancePath:s+"/pairing/token",schemaPath:"#/properties/pairing/anyOf/1/properties/token/maxLengt\
h",keyword:"maxLength",params:{limit:64}};r===null?r=[D]:r.push(D),e++}}else{const D={instancePath:s+"/pairing/token",schemaPath:"\
#/properties/pairing/anyOf/1/properties/token/type",keyword:"type",params:{type:"string"}};r===null?r=[D]:r.push(D),e++}
var x=y===e}else var x=!0;if(x){if(u.computer!==void 0){let H=u.computer;const y=e;if(e===y)if(typeof H=="string"){if(te(
H)>255){const M={instancePath:s+"/pairing/computer",schemaPath:"#/properties/pairing/anyOf/1/properties/computer/maxLeng\
th",keyword:"maxLength",params:{limit:255}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:s+"/pairing/compute\
r",schemaPath:"#/properties/pairing/anyOf/1/properties/computer/type",keyword:"type",params:{type:"string"}};r===null?r=
[M]:r.push(M),e++}var x=y===e}else var x=!0;if(x)if(u.folder!==void 0){let H=u.folder;const y=e;if(e===y)if(typeof H=="s\
tring"){if(te(H)>255){const M={instancePath:s+"/pairing/folder",schemaPath:"#/properties/pairing/anyOf/1/properties/fold\
er/maxLength",keyword:"maxLength",params:{limit:255}};r===null?r=[M]:r.push(M),e++}}else{const M={instancePath:s+"/pairi\
ng/folder",schemaPath:"#/properties/pairing/anyOf/1/properties/folder/type",keyword:"type",params:{type:"string"}};r===null?
r=[M]:r.push(M),e++}var x=y===e}else var x=!0}}}}else{const l={instancePath:s+"/pairing",schemaPath:"#/properties/pairin\
g/anyOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var p=o===e;d=d||p}if(d)e=f,r!==null&&
(f?r.length=f:r=null);else{const o={instancePath:s+"/pairing",schemaPath:"#/properties/pairing/anyOf",keyword:"anyOf",params:{}};
return r===null?r=[o]:r.push(o),e++,ae.errors=r,!1}var z=U===e}else var z=!0;if(z)if(i.jobs!==void 0){let u=i.jobs;const U=e;
if(e===U)if(Array.isArray(u)){var C=!0;const d=u.length;for(let F=0;F<d;F++){let o=u[F];const N=e;if(e===N)if(o&&typeof o==
"object"&&!Array.isArray(o)){let k;if(o.ids===void 0&&(k="ids")||o.done===void 0&&(k="done")||o.choices===void 0&&(k="ch\
oices"))return ae.errors=[{instancePath:s+"/jobs/"+F,schemaPath:"#/properties/jobs/items/required",keyword:"required",params:{
missingProperty:k}}],!1;{const H=e;for(const y in o)if(!(y==="ids"||y==="done"||y==="choices")){return ae.errors=[{instancePath:s+
"/jobs/"+F,schemaPath:"#/properties/jobs/items/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}}],
!1;break}if(H===e){if(o.ids!==void 0){let y=o.ids;const D=e;if(e===D)if(Array.isArray(y)){var Y=!0;const M=y.length;for(let _=0;_<
M;_++){let X=y[_];const a=e;if(e===a)if(typeof X=="string"){if(te(X)>64)return ae.errors=[{instancePath:s+"/jobs/"+F+"/i\
ds/"+_,schemaPath:"#/properties/jobs/items/properties/ids/items/maxLength",keyword:"maxLength",params:{limit:64}}],!1}else
return ae.errors=[{instancePath:s+"/jobs/"+F+"/ids/"+_,schemaPath:"#/properties/jobs/items/properties/ids/items/type",keyword:"\
type",params:{type:"string"}}],!1;var Y=a===e;if(!Y)break}}else return ae.errors=[{instancePath:s+"/jobs/"+F+"/ids",schemaPath:"\
#/properties/jobs/items/properties/ids/type",keyword:"type",params:{type:"array"}}],!1;var L=D===e}else var L=!0;if(L){if(o.
done!==void 0){let y=o.done;const D=e;if(e===D)if(Array.isArray(y)){var A=!0;const _=y.length;for(let X=0;X<_;X++){let a=y[X];
const S=e;if(e===S)if(typeof a=="string"){if(te(a)>64)return ae.errors=[{instancePath:s+"/jobs/"+F+"/done/"+X,schemaPath:"\
#/properties/jobs/items/properties/done/items/maxLength",keyword:"maxLength",params:{limit:64}}],!1}else return ae.errors=
[{instancePath:s+"/jobs/"+F+"/done/"+X,schemaPath:"#/properties/jobs/items/properties/done/items/type",keyword:"type",params:{
type:"string"}}],!1;var A=S===e;if(!A)break}}else return ae.errors=[{instancePath:s+"/jobs/"+F+"/done",schemaPath:"#/pro\
perties/jobs/items/properties/done/type",keyword:"type",params:{type:"array"}}],!1;var L=D===e}else var L=!0;if(L)if(o.choices!==
void 0){let y=o.choices;const D=e;if(e===D)if(y&&typeof y=="object"&&!Array.isArray(y)){let _;if(y.what===void 0&&(_="wh\
at")||y.sidecars===void 0&&(_="sidecars")||y.folders===void 0&&(_="folders")||y.place===void 0&&(_="place"))return ae.errors=
[{instancePath:s+"/jobs/"+F+"/choices",schemaPath:"#/properties/jobs/items/properties/choices/required",keyword:"require\
d",params:{missingProperty:_}}],!1;{const X=e;for(const a in y)if(!(a==="what"||a==="sidecars"||a==="folders"||a==="plac\
e")){return ae.errors=[{instancePath:s+"/jobs/"+F+"/choices",schemaPath:"#/properties/jobs/items/properties/choices/addi\
tionalProperties",keyword:"additionalProperties",params:{additionalProperty:a}}],!1;break}if(X===e){if(y.what!==void 0){
let a=y.what;const S=e;if(!(a==="files"||a==="developed"||a==="archive"))return ae.errors=[{instancePath:s+"/jobs/"+F+"/\
choices/what",schemaPath:"#/properties/jobs/items/properties/choices/properties/what/enum",keyword:"enum",params:{allowedValues:Le.
properties.jobs.items.properties.choices.properties.what.enum}}],!1;var V=S===e}else var V=!0;if(V){if(y.sidecars!==void 0){
const a=e;if(typeof y.sidecars!="boolean")return ae.errors=[{instancePath:s+"/jobs/"+F+"/choices/sidecars",schemaPath:"#\
/properties/jobs/items/properties/choices/properties/sidecars/type",keyword:"type",params:{type:"boolean"}}],!1;var V=a===
e}else var V=!0;if(V){if(y.folders!==void 0){const a=e;if(typeof y.folders!="boolean")return ae.errors=[{instancePath:s+
"/jobs/"+F+"/choices/folders",schemaPath:"#/properties/jobs/items/properties/choices/properties/folders/type",keyword:"t\
ype",params:{type:"boolean"}}],!1;var V=a===e}else var V=!0;if(V)if(y.place!==void 0){const a=e;if(typeof y.place!="bool\
ean")return ae.errors=[{instancePath:s+"/jobs/"+F+"/choices/place",schemaPath:"#/properties/jobs/items/properties/choice\
s/properties/place/type",keyword:"type",params:{type:"boolean"}}],!1;var V=a===e}else var V=!0}}}}}else return ae.errors=
[{instancePath:s+"/jobs/"+F+"/choices",schemaPath:"#/properties/jobs/items/properties/choices/type",keyword:"type",params:{
type:"object"}}],!1;var L=D===e}else var L=!0}}}}else return ae.errors=[{instancePath:s+"/jobs/"+F,schemaPath:"#/propert\
ies/jobs/items/type",keyword:"type",params:{type:"object"}}],!1;var C=N===e;if(!C)break}}else return ae.errors=[{instancePath:s+
"/jobs",schemaPath:"#/properties/jobs/type",keyword:"type",params:{type:"array"}}],!1;var z=U===e}else var z=!0}}}else return ae.
errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return ae.errors=r,e===0}const Ke=le,
Te={$id:"velmo/drills/1",type:"object",properties:{version:{const:1},drills:{type:"object",propertyNames:{pattern:"^[a-z\
-]{1,40}$"},additionalProperties:{type:"object",properties:{best:{oneOf:[{type:"null"},{type:"integer",minimum:0,maximum:100}]},
tries:{type:"integer",minimum:0},round:{type:"integer",minimum:0}},required:["best","tries","round"],additionalProperties:!1}}},
required:["version","drills"],additionalProperties:!1},Ve=new RegExp("^[a-z-]{1,40}$","u");function le(i,{instancePath:s="",
parentData:he,parentDataProperty:ve,rootData:ye=i}={}){let r=null,e=0;if(e===0)if(i&&typeof i=="object"&&!Array.isArray(
i)){let L;if(i.version===void 0&&(L="version")||i.drills===void 0&&(L="drills"))return le.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:L}}],!1;{const A=e;for(const V in i)if(!(V==="version"||V==="dril\
ls")){return le.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:V}}],
!1;break}if(A===e){if(i.version!==void 0){const V=e;if(i.version!==1)return le.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var p=V===e}else var p=!0;if(p)if(i.drills!==void 0){
let V=i.drills;const b=e;if(e===b)if(V&&typeof V=="object"&&!Array.isArray(V)){for(const u in V){const U=e;if(typeof u==
"string"&&!Ve.test(u)){const f={instancePath:s+"/drills",schemaPath:"#/properties/drills/propertyNames/pattern",keyword:"\
pattern",params:{pattern:"^[a-z-]{1,40}$"},propertyName:u};r===null?r=[f]:r.push(f),e++}var x=U===e;if(!x){const f={instancePath:s+
"/drills",schemaPath:"#/properties/drills/propertyNames",keyword:"propertyNames",params:{propertyName:u}};return r===null?
r=[f]:r.push(f),e++,le.errors=r,!1;break}}if(x)for(const u in V){let U=V[u];const f=e;if(e===f)if(U&&typeof U=="object"&&
!Array.isArray(U)){let d;if(U.best===void 0&&(d="best")||U.tries===void 0&&(d="tries")||U.round===void 0&&(d="round"))return le.
errors=[{instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1"),schemaPath:"#/properties/drills/additionalPr\
operties/required",keyword:"required",params:{missingProperty:d}}],!1;{const F=e;for(const o in U)if(!(o==="best"||o==="\
tries"||o==="round")){return le.errors=[{instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1"),schemaPath:"\
#/properties/drills/additionalProperties/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],
!1;break}if(F===e){if(U.best!==void 0){let o=U.best;const N=e,l=e;let k=!1,H=null;const y=e;if(o!==null){const M={instancePath:s+
"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/best",schemaPath:"#/properties/drills/additionalProperties/propert\
ies/best/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[M]:r.push(M),e++}var z=y===e;z&&(k=!0,H=0);const D=e;
if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o))){const M={instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(
/\//g,"~1")+"/best",schemaPath:"#/properties/drills/additionalProperties/properties/best/oneOf/1/type",keyword:"type",params:{
type:"integer"}};r===null?r=[M]:r.push(M),e++}if(e===D&&typeof o=="number"&&isFinite(o)){if(o>100||isNaN(o)){const M={instancePath:s+
"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/best",schemaPath:"#/properties/drills/additionalProperties/propert\
ies/best/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}};r===null?r=[M]:r.push(M),e++}else if(o<0||
isNaN(o)){const M={instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/best",schemaPath:"#/properties/d\
rills/additionalProperties/properties/best/oneOf/1/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?
r=[M]:r.push(M),e++}}var z=D===e;if(z&&k?(k=!1,H=[H,1]):z&&(k=!0,H=1),k)e=l,r!==null&&(l?r.length=l:r=null);else{const M={
instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/best",schemaPath:"#/properties/drills/additionalPro\
perties/properties/best/oneOf",keyword:"oneOf",params:{passingSchemas:H}};return r===null?r=[M]:r.push(M),e++,le.errors=
r,!1}var C=N===e}else var C=!0;if(C){if(U.tries!==void 0){let o=U.tries;const N=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(
o)&&isFinite(o)))return le.errors=[{instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/tries",schemaPath:"\
#/properties/drills/additionalProperties/properties/tries/type",keyword:"type",params:{type:"integer"}}],!1;if(e===N&&typeof o==
"number"&&isFinite(o)&&(o<0||isNaN(o)))return le.errors=[{instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"\
~1")+"/tries",schemaPath:"#/properties/drills/additionalProperties/properties/tries/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1;var C=N===e}else var C=!0;if(C)if(U.round!==void 0){let o=U.round;const N=e;if(!(typeof o=="number"&&!(o%
1)&&!isNaN(o)&&isFinite(o)))return le.errors=[{instancePath:s+"/drills/"+u.replace(/~/g,"~0").replace(/\//g,"~1")+"/roun\
d",schemaPath:"#/properties/drills/additionalProperties/properties/round/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===N&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o)))return le.errors=[{instancePath:s+"/drills/"+u.replace(/~/g,
"~0").replace(/\//g,"~1")+"/round",schemaPath:"#/properties/drills/additionalProperties/properties/round/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var C=N===e}else var C=!0}}}}else return le.errors=[{instancePath:s+"/dri\
lls/"+u.replace(/~/g,"~0").replace(/\//g,"~1"),schemaPath:"#/properties/drills/additionalProperties/type",keyword:"type",
params:{type:"object"}}],!1;var Y=f===e;if(!Y)break}}else return le.errors=[{instancePath:s+"/drills",schemaPath:"#/prop\
erties/drills/type",keyword:"type",params:{type:"object"}}],!1;var p=b===e}else var p=!0}}}else return le.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return le.errors=r,e===0}export{Ue as cameraChoice,$e as cameraLight,Ze as decision,Ke as drillProgress,Ie as frameRecord,Je as handoff,Ge as kit,
We as markChoice,Ee as olderFrameRecord,He as preferences,Me as rollRecord,De as settings};
