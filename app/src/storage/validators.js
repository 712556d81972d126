/* Made of the schemas by `npm run validators`. */
const Ne=z,oe={$id:"velmo/settings/8",type:"object",properties:{version:{const:8},lens:{type:"string",pattern:"^[a-z0-9-\
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
"series","delayS"],additionalProperties:!1},ve=Object.prototype.hasOwnProperty,Oe=new RegExp("^[a-z0-9-]{1,32}$","u");function z(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let P;if(t.version===void 0&&(P="version")||t.lens===void 0&&(P="lens")||t.crop===void 0&&(P="crop")||
t.time===void 0&&(P="time")||t.iso===void 0&&(P="iso")||t.compClicks===void 0&&(P="compClicks")||t.meter===void 0&&(P="m\
eter")||t.support===void 0&&(P="support")||t.stabiliserStops===void 0&&(P="stabiliserStops")||t.filterStops===void 0&&(P=
"filterStops")||t.torch===void 0&&(P="torch")||t.flash===void 0&&(P="flash")||t.subject===void 0&&(P="subject")||t.mainsHz===
void 0&&(P="mainsHz")||t.sizeMp===void 0&&(P="sizeMp")||t.focus===void 0&&(P="focus")||t.white===void 0&&(P="white")||t.
files===void 0&&(P="files")||t.jpegQuality===void 0&&(P="jpegQuality")||t.average===void 0&&(P="average")||t.aspect===void 0&&
(P="aspect")||t.series===void 0&&(P="series")||t.delayS===void 0&&(P="delayS"))return z.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:P}}],!1;{const B=e;for(const i in t)if(!ve.call(oe.properties,i)){
return z.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:i}}],
!1;break}if(B===e){if(t.version!==void 0){const i=e;if(t.version!==8)return z.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:8}}],!1;var a=i===e}else var a=!0;if(a){if(t.lens!==void 0){
let i=t.lens;const I=e;if(e===I)if(typeof i=="string"){if(!Oe.test(i))return z.errors=[{instancePath:s+"/lens",schemaPath:"\
#/properties/lens/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{1,32}$"}}],!1}else return z.errors=[{instancePath:s+
"/lens",schemaPath:"#/properties/lens/type",keyword:"type",params:{type:"string"}}],!1;var a=I===e}else var a=!0;if(a){if(t.
crop!==void 0){let i=t.crop;const I=e;if(e===I)if(typeof i=="number"&&isFinite(i)){if(i>4||isNaN(i))return z.errors=[{instancePath:s+
"/crop",schemaPath:"#/properties/crop/maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(i<1||isNaN(i))
return z.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/minimum",keyword:"minimum",params:{comparison:">=",
limit:1}}],!1}else return z.errors=[{instancePath:s+"/crop",schemaPath:"#/properties/crop/type",keyword:"type",params:{type:"\
number"}}],!1;var a=I===e}else var a=!0;if(a){if(t.time!==void 0){let i=t.time;const I=e,J=e;let q=!1,V=null;const E=e;if(e===
E)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const p in i)if(p!=="mode"){const h={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/0/additionalProperti\
es",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[h]:r.push(h),e++;break}if(C===e&&i.mode!==
void 0&&i.mode!=="auto"){const p={instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/0/properties/mode/cons\
t",keyword:"const",params:{allowedValue:"auto"}};r===null?r=[p]:r.push(p),e++}}}else{const f={instancePath:s+"/time",schemaPath:"\
#/properties/time/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var D=E===e;D&&(q=!0,
V=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/required",keyword:"required",params:{
missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="mode"||p==="click")){const h={
instancePath:s+"/time",schemaPath:"#/properties/time/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:p}};r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;if(i.mode!=="held"){const h={
instancePath:s+"/time/mode",schemaPath:"#/properties/time/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"\
held"}};r===null?r=[h]:r.push(h),e++}var b=p===e}else var b=!0;if(b)if(i.click!==void 0){let p=i.click;const h=e;if(!(typeof p==
"number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/p\
roperties/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===h&&typeof p=="number"&&
isFinite(p)){if(p>18||isNaN(p)){const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/c\
lick/maximum",keyword:"maximum",params:{comparison:"<=",limit:18}};r===null?r=[d]:r.push(d),e++}else if(p<-39||isNaN(p)){
const d={instancePath:s+"/time/click",schemaPath:"#/properties/time/oneOf/1/properties/click/minimum",keyword:"minimum",
params:{comparison:">=",limit:-39}};r===null?r=[d]:r.push(d),e++}}var b=h===e}else var b=!0}}}else{const f={instancePath:s+
"/time",schemaPath:"#/properties/time/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}
var D=Y===e;if(D&&q?(q=!1,V=[V,1]):D&&(q=!0,V=1),q)e=J,r!==null&&(J?r.length=J:r=null);else{const f={instancePath:s+"/ti\
me",schemaPath:"#/properties/time/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[f]:r.push(f),e++,
z.errors=r,!1}var a=I===e}else var a=!0;if(a){if(t.iso!==void 0){let i=t.iso;const I=e,J=e;let q=!1,V=null;const E=e;if(e===
E)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")){const C={instancePath:s+"/iso",schemaPath:"\
#/properties/iso/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;
for(const p in i)if(p!=="mode"){const h={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/0/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[h]:r.push(h),e++;break}if(C===e&&i.mode!==void 0&&
i.mode!=="auto"){const p={instancePath:s+"/iso/mode",schemaPath:"#/properties/iso/oneOf/0/properties/mode/const",keyword:"\
const",params:{allowedValue:"auto"}};r===null?r=[p]:r.push(p),e++}}}else{const f={instancePath:s+"/iso",schemaPath:"#/pr\
operties/iso/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var W=E===e;W&&(q=!0,V=0);
const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.click===void 0&&
(f="click")){const C={instancePath:s+"/iso",schemaPath:"#/properties/iso/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="mode"||p==="click")){const h={instancePath:s+"/is\
o",schemaPath:"#/properties/iso/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;if(i.mode!=="held"){const h={instancePath:s+"\
/iso/mode",schemaPath:"#/properties/iso/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===
null?r=[h]:r.push(h),e++}var O=p===e}else var O=!0;if(O)if(i.click!==void 0){let p=i.click;const h=e;if(!(typeof p=="num\
ber"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const d={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/propert\
ies/click/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===h&&typeof p=="number"&&isFinite(
p)){if(p>24||isNaN(p)){const d={instancePath:s+"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:24}};r===null?r=[d]:r.push(d),e++}else if(p<-6||isNaN(p)){const d={instancePath:s+
"/iso/click",schemaPath:"#/properties/iso/oneOf/1/properties/click/minimum",keyword:"minimum",params:{comparison:">=",limit:-6}};
r===null?r=[d]:r.push(d),e++}}var O=h===e}else var O=!0}}}else{const f={instancePath:s+"/iso",schemaPath:"#/properties/i\
so/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),e++}var W=Y===e;if(W&&q?(q=!1,V=[V,1]):
W&&(q=!0,V=1),q)e=J,r!==null&&(J?r.length=J:r=null);else{const f={instancePath:s+"/iso",schemaPath:"#/properties/iso/one\
Of",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[f]:r.push(f),e++,z.errors=r,!1}var a=I===e}else var a=!0;
if(a){if(t.compClicks!==void 0){let i=t.compClicks;const I=e;if(e===I)if(typeof i=="number"&&isFinite(i)){if(i>18||isNaN(
i))return z.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/maximum",keyword:"maximum",params:{
comparison:"<=",limit:18}}],!1;if(i<-18||isNaN(i))return z.errors=[{instancePath:s+"/compClicks",schemaPath:"#/propertie\
s/compClicks/minimum",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1;{let q;if(q=i/.5,q!==parseInt(q))return z.
errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/multipleOf",keyword:"multipleOf",params:{multipleOf:.5}}],
!1}}else return z.errors=[{instancePath:s+"/compClicks",schemaPath:"#/properties/compClicks/type",keyword:"type",params:{
type:"number"}}],!1;var a=I===e}else var a=!0;if(a){if(t.meter!==void 0){let i=t.meter;const I=e;if(e===I)if(i&&typeof i==
"object"&&!Array.isArray(i)){let q;if(i.pattern===void 0&&(q="pattern")||i.spot===void 0&&(q="spot")||i.lockedEv100===void 0&&
(q="lockedEv100"))return z.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/required",keyword:"required",
params:{missingProperty:q}}],!1;{const V=e;for(const E in i)if(!(E==="pattern"||E==="spot"||E==="lockedEv100")){return z.
errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:E}}],!1;break}if(V===e){if(i.pattern!==void 0){let E=i.pattern;const Y=e;if(!(E==="whole"||E==="centr\
e"||E==="spot"||E==="highlights"))return z.errors=[{instancePath:s+"/meter/pattern",schemaPath:"#/properties/meter/prope\
rties/pattern/enum",keyword:"enum",params:{allowedValues:oe.properties.meter.properties.pattern.enum}}],!1;var c=Y===e}else
var c=!0;if(c){if(i.spot!==void 0){let E=i.spot;const Y=e;if(e===Y)if(E&&typeof E=="object"&&!Array.isArray(E)){let f;if(E.
x===void 0&&(f="x")||E.y===void 0&&(f="y"))return z.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter\
/properties/spot/required",keyword:"required",params:{missingProperty:f}}],!1;{const C=e;for(const p in E)if(!(p==="x"||
p==="y")){return z.errors=[{instancePath:s+"/meter/spot",schemaPath:"#/properties/meter/properties/spot/additionalProper\
ties",keyword:"additionalProperties",params:{additionalProperty:p}}],!1;break}if(C===e){if(E.x!==void 0){let p=E.x;const h=e;
if(e===h)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return z.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}}],!1;if(p<0||
isNaN(p))return z.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"#/properties/meter/properties/spot/properties/x/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return z.errors=[{instancePath:s+"/meter/spot/x",schemaPath:"\
#/properties/meter/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var w=h===e}else var w=!0;
if(w)if(E.y!==void 0){let p=E.y;const h=e;if(e===h)if(typeof p=="number"&&isFinite(p)){if(p>1||isNaN(p))return z.errors=
[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/maximum",keyword:"maximum",
params:{comparison:"<=",limit:1}}],!1;if(p<0||isNaN(p))return z.errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/pr\
operties/meter/properties/spot/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return z.
errors=[{instancePath:s+"/meter/spot/y",schemaPath:"#/properties/meter/properties/spot/properties/y/type",keyword:"type",
params:{type:"number"}}],!1;var w=h===e}else var w=!0}}}else return z.errors=[{instancePath:s+"/meter/spot",schemaPath:"\
#/properties/meter/properties/spot/type",keyword:"type",params:{type:"object"}}],!1;var c=Y===e}else var c=!0;if(c)if(i.
lockedEv100!==void 0){let E=i.lockedEv100;const Y=e;if(!(typeof E=="number"&&isFinite(E))&&E!==null)return z.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/type",keyword:"type",params:{type:oe.properties.
meter.properties.lockedEv100.type}}],!1;if(e===Y&&typeof E=="number"&&isFinite(E)){if(E>30||isNaN(E))return z.errors=[{instancePath:s+
"/meter/lockedEv100",schemaPath:"#/properties/meter/properties/lockedEv100/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:30}}],!1;if(E<-20||isNaN(E))return z.errors=[{instancePath:s+"/meter/lockedEv100",schemaPath:"#/properties/met\
er/properties/lockedEv100/minimum",keyword:"minimum",params:{comparison:">=",limit:-20}}],!1}var c=Y===e}else var c=!0}}}}else
return z.errors=[{instancePath:s+"/meter",schemaPath:"#/properties/meter/type",keyword:"type",params:{type:"object"}}],!1;
var a=I===e}else var a=!0;if(a){if(t.support!==void 0){let i=t.support;const I=e;if(!(i==="hand"||i==="tripod"))return z.
errors=[{instancePath:s+"/support",schemaPath:"#/properties/support/enum",keyword:"enum",params:{allowedValues:oe.properties.
support.enum}}],!1;var a=I===e}else var a=!0;if(a){if(t.stabiliserStops!==void 0){let i=t.stabiliserStops;const I=e;if(!(typeof i==
"number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return z.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/s\
tabiliserStops/type",keyword:"type",params:{type:"integer"}}],!1;if(e===I&&typeof i=="number"&&isFinite(i)){if(i>5||isNaN(
i))return z.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"#/properties/stabiliserStops/maximum",keyword:"maximu\
m",params:{comparison:"<=",limit:5}}],!1;if(i<0||isNaN(i))return z.errors=[{instancePath:s+"/stabiliserStops",schemaPath:"\
#/properties/stabiliserStops/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}var a=I===e}else var a=!0;
if(a){if(t.filterStops!==void 0){let i=t.filterStops;const I=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))
return z.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===I&&typeof i=="number"&&isFinite(i)){if(i>10||isNaN(i))return z.errors=[{instancePath:s+"/filterSto\
ps",schemaPath:"#/properties/filterStops/maximum",keyword:"maximum",params:{comparison:"<=",limit:10}}],!1;if(i<0||isNaN(
i))return z.errors=[{instancePath:s+"/filterStops",schemaPath:"#/properties/filterStops/minimum",keyword:"minimum",params:{
comparison:">=",limit:0}}],!1}var a=I===e}else var a=!0;if(a){if(t.torch!==void 0){const i=e;if(typeof t.torch!="boolean")
return z.errors=[{instancePath:s+"/torch",schemaPath:"#/properties/torch/type",keyword:"type",params:{type:"boolean"}}],
!1;var a=i===e}else var a=!0;if(a){if(t.flash!==void 0){let i=t.flash;const I=e;if(!(i==="off"||i==="begin"||i==="end"))
return z.errors=[{instancePath:s+"/flash",schemaPath:"#/properties/flash/enum",keyword:"enum",params:{allowedValues:oe.properties.
flash.enum}}],!1;var a=I===e}else var a=!0;if(a){if(t.subject!==void 0){let i=t.subject;const I=e;if(!(i==="scene"||i===
"still"||i==="walking"||i==="running"||i==="vehicle"))return z.errors=[{instancePath:s+"/subject",schemaPath:"#/properti\
es/subject/enum",keyword:"enum",params:{allowedValues:oe.properties.subject.enum}}],!1;var a=I===e}else var a=!0;if(a){if(t.
mainsHz!==void 0){let i=t.mainsHz;const I=e;if(!(i===50||i===60))return z.errors=[{instancePath:s+"/mainsHz",schemaPath:"\
#/properties/mainsHz/enum",keyword:"enum",params:{allowedValues:oe.properties.mainsHz.enum}}],!1;var a=I===e}else var a=!0;
if(a){if(t.sizeMp!==void 0){let i=t.sizeMp;const I=e;if(!(i===12||i===3))return z.errors=[{instancePath:s+"/sizeMp",schemaPath:"\
#/properties/sizeMp/enum",keyword:"enum",params:{allowedValues:oe.properties.sizeMp.enum}}],!1;var a=I===e}else var a=!0;
if(a){if(t.focus!==void 0){let i=t.focus;const I=e,J=e;let q=!1,V=null;const E=e;if(e===E)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.spot===void 0&&(f="spot")||i.follow===void 0&&(f="follow")){const C={
instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="mode"||p==="spot"||p==="follow")){const h={instancePath:s+
"/focus",schemaPath:"#/properties/focus/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;if(i.mode!=="auto"){const h={instancePath:s+"\
/focus/mode",schemaPath:"#/properties/focus/oneOf/0/properties/mode/const",keyword:"const",params:{allowedValue:"auto"}};
r===null?r=[h]:r.push(h),e++}var Q=p===e}else var Q=!0;if(Q){if(i.spot!==void 0){let p=i.spot;const h=e;if(e===h)if(p&&typeof p==
"object"&&!Array.isArray(p)){let d;if(p.x===void 0&&(d="x")||p.y===void 0&&(d="y")){const A={instancePath:s+"/focus/spot",
schemaPath:"#/properties/focus/oneOf/0/properties/spot/required",keyword:"required",params:{missingProperty:d}};r===null?
r=[A]:r.push(A),e++}else{const A=e;for(const L in p)if(!(L==="x"||L==="y")){const x={instancePath:s+"/focus/spot",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:L}};
r===null?r=[x]:r.push(x),e++;break}if(A===e){if(p.x!==void 0){let L=p.x;const x=e;if(e===x)if(typeof L=="number"&&isFinite(
L)){if(L>1||isNaN(L)){const S={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/pro\
perties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[S]:r.push(S),e++}else if(L<0||isNaN(L)){
const S={instancePath:s+"/focus/spot/x",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/x/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}};r===null?r=[S]:r.push(S),e++}}else{const S={instancePath:s+"/focus/spot/x",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/x/type",keyword:"type",params:{type:"number"}};r===null?r=[S]:r.push(
S),e++}var X=x===e}else var X=!0;if(X)if(p.y!==void 0){let L=p.y;const x=e;if(e===x)if(typeof L=="number"&&isFinite(L)){
if(L>1||isNaN(L)){const H={instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/propert\
ies/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[H]:r.push(H),e++}else if(L<0||isNaN(L)){const H={
instancePath:s+"/focus/spot/y",schemaPath:"#/properties/focus/oneOf/0/properties/spot/properties/y/minimum",keyword:"min\
imum",params:{comparison:">=",limit:0}};r===null?r=[H]:r.push(H),e++}}else{const H={instancePath:s+"/focus/spot/y",schemaPath:"\
#/properties/focus/oneOf/0/properties/spot/properties/y/type",keyword:"type",params:{type:"number"}};r===null?r=[H]:r.push(
H),e++}var X=x===e}else var X=!0}}}else{const d={instancePath:s+"/focus/spot",schemaPath:"#/properties/focus/oneOf/0/pro\
perties/spot/type",keyword:"type",params:{type:"object"}};r===null?r=[d]:r.push(d),e++}var Q=h===e}else var Q=!0;if(Q)if(i.
follow!==void 0){const p=e;if(typeof i.follow!="boolean"){const R={instancePath:s+"/focus/follow",schemaPath:"#/properti\
es/focus/oneOf/0/properties/follow/type",keyword:"type",params:{type:"boolean"}};r===null?r=[R]:r.push(R),e++}var Q=p===
e}else var Q=!0}}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var u=E===e;u&&(q=!0,V=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.dioptres===void 0&&(f="dioptres")){const C={instancePath:s+"/focus",
schemaPath:"#/properties/focus/oneOf/1/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),
e++}else{const C=e;for(const p in i)if(!(p==="mode"||p==="dioptres")){const h={instancePath:s+"/focus",schemaPath:"#/pro\
perties/focus/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[h]:
r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;if(i.mode!=="held"){const h={instancePath:s+"/focus/mode",schemaPath:"\
#/properties/focus/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};r===null?r=[h]:r.push(h),
e++}var m=p===e}else var m=!0;if(m)if(i.dioptres!==void 0){let p=i.dioptres;const h=e;if(e===h)if(typeof p=="number"&&isFinite(
p)){if(p>25||isNaN(p)){const d={instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/diopt\
res/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[d]:r.push(d),e++}else if(p<-1||isNaN(p)){const d={
instancePath:s+"/focus/dioptres",schemaPath:"#/properties/focus/oneOf/1/properties/dioptres/minimum",keyword:"minimum",params:{
comparison:">=",limit:-1}};r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/focus/dioptres",schemaPath:"#/pr\
operties/focus/oneOf/1/properties/dioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[d]:r.push(d),e++}var m=h===
e}else var m=!0}}}else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var u=Y===e;if(u&&q?(q=!1,V=[V,1]):u&&(q=!0,V=1),q)e=J,r!==null&&(J?r.length=
J:r=null);else{const f={instancePath:s+"/focus",schemaPath:"#/properties/focus/oneOf",keyword:"oneOf",params:{passingSchemas:V}};
return r===null?r=[f]:r.push(f),e++,z.errors=r,!1}var a=I===e}else var a=!0;if(a){if(t.white!==void 0){let i=t.white;const I=e,
J=e;let q=!1,V=null;const E=e;if(e===E)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.mode===void 0&&(f="mode")||
i.locked===void 0&&(f="locked")){const C={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/required",keyword:"\
required",params:{missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="mode"||p===
"locked")){const h={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/additionalProperties",keyword:"additi\
onalProperties",params:{additionalProperty:p}};r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;
if(i.mode!=="auto"){const h={instancePath:s+"/white/mode",schemaPath:"#/properties/white/oneOf/0/properties/mode/const",
keyword:"const",params:{allowedValue:"auto"}};r===null?r=[h]:r.push(h),e++}var G=p===e}else var G=!0;if(G)if(i.locked!==
void 0){let p=i.locked;const h=e,R=e;let d=!1,A=null;const L=e;if(p!==null){const H={instancePath:s+"/white/locked",schemaPath:"\
#/properties/white/oneOf/0/properties/locked/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[H]:r.push(H),
e++}var U=L===e;U&&(d=!0,A=0);const x=e;if(e===x)if(p&&typeof p=="object"&&!Array.isArray(p)){let H;if(p.kelvin===void 0&&
(H="kelvin")||p.tint===void 0&&(H="tint")){const $={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/\
0/properties/locked/oneOf/1/required",keyword:"required",params:{missingProperty:H}};r===null?r=[$]:r.push($),e++}else{const $=e;
for(const se in p)if(!(se==="kelvin"||se==="tint")){const ie={instancePath:s+"/white/locked",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:se}};
r===null?r=[ie]:r.push(ie),e++;break}if($===e){if(p.kelvin!==void 0){let se=p.kelvin;const ie=e;if(e===ie)if(typeof se==
"number"&&isFinite(se)){if(se>12e3||isNaN(se)){const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/properties/\
white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};
r===null?r=[re]:r.push(re),e++}else if(se<2e3||isNaN(se)){const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/\
properties/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/minimum",keyword:"minimum",params:{comparison:">=",
limit:2e3}};r===null?r=[re]:r.push(re),e++}}else{const re={instancePath:s+"/white/locked/kelvin",schemaPath:"#/propertie\
s/white/oneOf/0/properties/locked/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[re]:
r.push(re),e++}var y=ie===e}else var y=!0;if(y)if(p.tint!==void 0){let se=p.tint;const ie=e;if(e===ie)if(typeof se=="num\
ber"&&isFinite(se)){if(se>30||isNaN(se)){const te={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/on\
eOf/0/properties/locked/oneOf/1/properties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=
[te]:r.push(te),e++}else if(se<-30||isNaN(se)){const te={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/wh\
ite/oneOf/0/properties/locked/oneOf/1/properties/tint/minimum",keyword:"minimum",params:{comparison:">=",limit:-30}};r===
null?r=[te]:r.push(te),e++}}else{const te={instancePath:s+"/white/locked/tint",schemaPath:"#/properties/white/oneOf/0/pr\
operties/locked/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[te]:r.push(te),e++}var y=ie===
e}else var y=!0}}}else{const H={instancePath:s+"/white/locked",schemaPath:"#/properties/white/oneOf/0/properties/locked/\
oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[H]:r.push(H),e++}var U=x===e;if(U&&d?(d=!1,A=[A,1]):U&&
(d=!0,A=1),d)e=R,r!==null&&(R?r.length=R:r=null);else{const H={instancePath:s+"/white/locked",schemaPath:"#/properties/w\
hite/oneOf/0/properties/locked/oneOf",keyword:"oneOf",params:{passingSchemas:A}};r===null?r=[H]:r.push(H),e++}var G=h===
e}else var G=!0}}}else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/0/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var n=E===e;n&&(q=!0,V=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.
isArray(i)){let f;if(i.mode===void 0&&(f="mode")||i.kelvin===void 0&&(f="kelvin")||i.tint===void 0&&(f="tint")){const C={
instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",params:{missingProperty:f}};
r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="mode"||p==="kelvin"||p==="tint")){const h={instancePath:s+
"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};
r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.mode!==void 0){const p=e;if(i.mode!=="held"){const h={instancePath:s+"\
/white/mode",schemaPath:"#/properties/white/oneOf/1/properties/mode/const",keyword:"const",params:{allowedValue:"held"}};
r===null?r=[h]:r.push(h),e++}var o=p===e}else var o=!0;if(o){if(i.kelvin!==void 0){let p=i.kelvin;const h=e;if(e===h)if(typeof p==
"number"&&isFinite(p)){if(p>12e3||isNaN(p)){const d={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf\
/1/properties/kelvin/maximum",keyword:"maximum",params:{comparison:"<=",limit:12e3}};r===null?r=[d]:r.push(d),e++}else if(p<
2e3||isNaN(p)){const d={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/minimum",
keyword:"minimum",params:{comparison:">=",limit:2e3}};r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/white\
/kelvin",schemaPath:"#/properties/white/oneOf/1/properties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?
r=[d]:r.push(d),e++}var o=h===e}else var o=!0;if(o)if(i.tint!==void 0){let p=i.tint;const h=e;if(e===h)if(typeof p=="num\
ber"&&isFinite(p)){if(p>30||isNaN(p)){const d={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/prope\
rties/tint/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}};r===null?r=[d]:r.push(d),e++}else if(p<-30||isNaN(
p)){const d={instancePath:s+"/white/tint",schemaPath:"#/properties/white/oneOf/1/properties/tint/minimum",keyword:"minim\
um",params:{comparison:">=",limit:-30}};r===null?r=[d]:r.push(d),e++}}else{const d={instancePath:s+"/white/tint",schemaPath:"\
#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[d]:r.push(d),e++}var o=h===
e}else var o=!0}}}}else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"type",params:{
type:"object"}};r===null?r=[f]:r.push(f),e++}var n=Y===e;if(n&&q?(q=!1,V=[V,1]):n&&(q=!0,V=1),q)e=J,r!==null&&(J?r.length=
J:r=null);else{const f={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{passingSchemas:V}};
return r===null?r=[f]:r.push(f),e++,z.errors=r,!1}var a=I===e}else var a=!0;if(a){if(t.files!==void 0){let i=t.files;const I=e;
if(!(i==="dng"||i==="dng+jpeg"||i==="jpeg"||i==="tiff"||i==="png"))return z.errors=[{instancePath:s+"/files",schemaPath:"\
#/properties/files/enum",keyword:"enum",params:{allowedValues:oe.properties.files.enum}}],!1;var a=I===e}else var a=!0;if(a){
if(t.jpegQuality!==void 0){let i=t.jpegQuality;const I=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i)))return z.
errors=[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===I&&typeof i=="number"&&isFinite(i)){if(i>100||isNaN(i))return z.errors=[{instancePath:s+"/jpegQuality",schemaPath:"\
#/properties/jpegQuality/maximum",keyword:"maximum",params:{comparison:"<=",limit:100}}],!1;if(i<60||isNaN(i))return z.errors=
[{instancePath:s+"/jpegQuality",schemaPath:"#/properties/jpegQuality/minimum",keyword:"minimum",params:{comparison:">=",
limit:60}}],!1}var a=I===e}else var a=!0;if(a){if(t.average!==void 0){let i=t.average;const I=e,J=e;let q=!1,V=null;const E=e;
if(i!==1){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/const",keyword:"const",params:{allowedValue:1}};
r===null?r=[f]:r.push(f),e++}var N=E===e;N&&(q=!0,V=0);const Y=e;if(!(typeof i=="number"&&!(i%1)&&!isNaN(i)&&isFinite(i))){
const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"integer"}};
r===null?r=[f]:r.push(f),e++}if(e===Y&&typeof i=="number"&&isFinite(i)){if(i>64||isNaN(i)){const f={instancePath:s+"/ave\
rage",schemaPath:"#/properties/average/oneOf/1/maximum",keyword:"maximum",params:{comparison:"<=",limit:64}};r===null?r=
[f]:r.push(f),e++}else if(i<4||isNaN(i)){const f={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/min\
imum",keyword:"minimum",params:{comparison:">=",limit:4}};r===null?r=[f]:r.push(f),e++}}var N=Y===e;if(N&&q?(q=!1,V=[V,1]):
N&&(q=!0,V=1),q)e=J,r!==null&&(J?r.length=J:r=null);else{const f={instancePath:s+"/average",schemaPath:"#/properties/ave\
rage/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[f]:r.push(f),e++,z.errors=r,!1}var a=I===e}else
var a=!0;if(a){if(t.aspect!==void 0){let i=t.aspect;const I=e;if(!(i==="4:3"||i==="3:2"||i==="16:9"||i==="1:1"))return z.
errors=[{instancePath:s+"/aspect",schemaPath:"#/properties/aspect/enum",keyword:"enum",params:{allowedValues:oe.properties.
aspect.enum}}],!1;var a=I===e}else var a=!0;if(a){if(t.series!==void 0){let i=t.series;const I=e,J=e;let q=!1,V=null;const E=e;
if(e===E)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;if(i.kind===void 0&&(f="kind")){const C={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/0/required",keyword:"required",params:{missingProperty:f}};r===null?r=[C]:r.
push(C),e++}else{const C=e;for(const p in i)if(p!=="kind"){const h={instancePath:s+"/series",schemaPath:"#/properties/se\
ries/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[h]:r.push(h),
e++;break}if(C===e&&i.kind!==void 0&&i.kind!=="single"){const p={instancePath:s+"/series/kind",schemaPath:"#/properties/\
series/oneOf/0/properties/kind/const",keyword:"const",params:{allowedValue:"single"}};r===null?r=[p]:r.push(p),e++}}}else{
const f={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/0/type",keyword:"type",params:{type:"object"}};r===
null?r=[f]:r.push(f),e++}var g=E===e;g&&(q=!0,V=0);const Y=e;if(e===Y)if(i&&typeof i=="object"&&!Array.isArray(i)){let f;
if(i.kind===void 0&&(f="kind")||i.frames===void 0&&(f="frames")||i.stepClicks===void 0&&(f="stepClicks")||i.order===void 0&&
(f="order")){const C={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/required",keyword:"required",params:{
missingProperty:f}};r===null?r=[C]:r.push(C),e++}else{const C=e;for(const p in i)if(!(p==="kind"||p==="frames"||p==="ste\
pClicks"||p==="order")){const h={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/additionalProperties",
keyword:"additionalProperties",params:{additionalProperty:p}};r===null?r=[h]:r.push(h),e++;break}if(C===e){if(i.kind!==void 0){
const p=e;if(i.kind!=="bracket"){const h={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properti\
es/kind/const",keyword:"const",params:{allowedValue:"bracket"}};r===null?r=[h]:r.push(h),e++}var v=p===e}else var v=!0;if(v){
if(i.frames!==void 0){let p=i.frames;const h=e;if(!(typeof p=="number"&&!(p%1)&&!isNaN(p)&&isFinite(p))){const d={instancePath:s+
"/series/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/type",keyword:"type",params:{type:"integer"}};
r===null?r=[d]:r.push(d),e++}if(e===h&&typeof p=="number"&&isFinite(p)){if(p>9||isNaN(p)){const d={instancePath:s+"/seri\
es/frames",schemaPath:"#/properties/series/oneOf/1/properties/frames/maximum",keyword:"maximum",params:{comparison:"<=",
limit:9}};r===null?r=[d]:r.push(d),e++}else if(p<2||isNaN(p)){const d={instancePath:s+"/series/frames",schemaPath:"#/pro\
perties/series/oneOf/1/properties/frames/minimum",keyword:"minimum",params:{comparison:">=",limit:2}};r===null?r=[d]:r.push(
d),e++}}var v=h===e}else var v=!0;if(v){if(i.stepClicks!==void 0){let p=i.stepClicks;const h=e;if(!(typeof p=="number"&&
!(p%1)&&!isNaN(p)&&isFinite(p))){const d={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/pr\
operties/stepClicks/type",keyword:"type",params:{type:"integer"}};r===null?r=[d]:r.push(d),e++}if(e===h&&typeof p=="numb\
er"&&isFinite(p)){if(p>9||isNaN(p)){const d={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1\
/properties/stepClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}};r===null?r=[d]:r.push(d),e++}else if(p<
1||isNaN(p)){const d={instancePath:s+"/series/stepClicks",schemaPath:"#/properties/series/oneOf/1/properties/stepClicks/\
minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[d]:r.push(d),e++}}var v=h===e}else var v=!0;if(v)
if(i.order!==void 0){let p=i.order;const h=e;if(!(p==="middle-first"||p==="dark-first"||p==="bright-first")){const d={instancePath:s+
"/series/order",schemaPath:"#/properties/series/oneOf/1/properties/order/enum",keyword:"enum",params:{allowedValues:oe.properties.
series.oneOf[1].properties.order.enum}};r===null?r=[d]:r.push(d),e++}var v=h===e}else var v=!0}}}}}else{const f={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[f]:r.push(f),
e++}var g=Y===e;if(g&&q)q=!1,V=[V,1];else{g&&(q=!0,V=1);const f=e;if(e===f)if(i&&typeof i=="object"&&!Array.isArray(i)){
let p;if(i.kind===void 0&&(p="kind")||i.frames===void 0&&(p="frames")){const h={instancePath:s+"/series",schemaPath:"#/p\
roperties/series/oneOf/2/required",keyword:"required",params:{missingProperty:p}};r===null?r=[h]:r.push(h),e++}else{const h=e;
for(const R in i)if(!(R==="kind"||R==="frames")){const d={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf\
/2/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:R}};r===null?r=[d]:r.push(d),e++;break}
if(h===e){if(i.kind!==void 0){const R=e;if(i.kind!=="burst"){const d={instancePath:s+"/series/kind",schemaPath:"#/proper\
ties/series/oneOf/2/properties/kind/const",keyword:"const",params:{allowedValue:"burst"}};r===null?r=[d]:r.push(d),e++}var _=R===
e}else var _=!0;if(_)if(i.frames!==void 0){let R=i.frames;const d=e;if(!(typeof R=="number"&&!(R%1)&&!isNaN(R)&&isFinite(
R))){const L={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/type",keyword:"t\
ype",params:{type:"integer"}};r===null?r=[L]:r.push(L),e++}if(e===d&&typeof R=="number"&&isFinite(R)){if(R>60||isNaN(R)){
const L={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:60}};r===null?r=[L]:r.push(L),e++}else if(R<3||isNaN(R)){const L={instancePath:s+"/s\
eries/frames",schemaPath:"#/properties/series/oneOf/2/properties/frames/minimum",keyword:"minimum",params:{comparison:">\
=",limit:3}};r===null?r=[L]:r.push(L),e++}}var _=d===e}else var _=!0}}}else{const p={instancePath:s+"/series",schemaPath:"\
#/properties/series/oneOf/2/type",keyword:"type",params:{type:"object"}};r===null?r=[p]:r.push(p),e++}var g=f===e;if(g&&
q)q=!1,V=[V,2];else{g&&(q=!0,V=2);const p=e;if(e===p)if(i&&typeof i=="object"&&!Array.isArray(i)){let R;if(i.kind===void 0&&
(R="kind")||i.places===void 0&&(R="places")||i.nearDioptres===void 0&&(R="nearDioptres")||i.farDioptres===void 0&&(R="fa\
rDioptres")||i.overlap===void 0&&(R="overlap")){const d={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/\
3/required",keyword:"required",params:{missingProperty:R}};r===null?r=[d]:r.push(d),e++}else{const d=e;for(const A in i)
if(!(A==="kind"||A==="places"||A==="nearDioptres"||A==="farDioptres"||A==="overlap")){const L={instancePath:s+"/series",
schemaPath:"#/properties/series/oneOf/3/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:A}};
r===null?r=[L]:r.push(L),e++;break}if(d===e){if(i.kind!==void 0){const A=e;if(i.kind!=="focus"){const L={instancePath:s+
"/series/kind",schemaPath:"#/properties/series/oneOf/3/properties/kind/const",keyword:"const",params:{allowedValue:"focu\
s"}};r===null?r=[L]:r.push(L),e++}var j=A===e}else var j=!0;if(j){if(i.places!==void 0){let A=i.places;const L=e,x=e;let S=!1,
H=null;const $=e;if(A!==null){const re={instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properti\
es/places/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[re]:r.push(re),e++}var k=$===e;k&&(S=!0,H=0);const se=e;
if(e===se)if(Array.isArray(A))if(A.length>30){const re={instancePath:s+"/series/places",schemaPath:"#/properties/series/\
oneOf/3/properties/places/oneOf/1/maxItems",keyword:"maxItems",params:{limit:30}};r===null?r=[re]:r.push(re),e++}else{var me=!0;
const re=A.length;for(let te=0;te<re;te++){let he=A[te];const we=e;if(e===we)if(typeof he=="number"&&isFinite(he)){if(he>
25||isNaN(he)){const ye={instancePath:s+"/series/places/"+te,schemaPath:"#/properties/series/oneOf/3/properties/places/o\
neOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};r===null?r=[ye]:r.push(ye),e++}else if(he<-1||
isNaN(he)){const ye={instancePath:s+"/series/places/"+te,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf\
/1/items/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[ye]:r.push(ye),e++}}else{const ye={instancePath:s+
"/series/places/"+te,schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/items/type",keyword:"type",params:{
type:"number"}};r===null?r=[ye]:r.push(ye),e++}var me=we===e;if(!me)break}}else{const re={instancePath:s+"/series/places",
schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=
[re]:r.push(re),e++}var k=se===e;if(k&&S?(S=!1,H=[H,1]):k&&(S=!0,H=1),S)e=x,r!==null&&(x?r.length=x:r=null);else{const re={
instancePath:s+"/series/places",schemaPath:"#/properties/series/oneOf/3/properties/places/oneOf",keyword:"oneOf",params:{
passingSchemas:H}};r===null?r=[re]:r.push(re),e++}var j=L===e}else var j=!0;if(j){if(i.nearDioptres!==void 0){let A=i.nearDioptres;
const L=e;if(e===L)if(typeof A=="number"&&isFinite(A)){if(A>25||isNaN(A)){const S={instancePath:s+"/series/nearDioptres",
schemaPath:"#/properties/series/oneOf/3/properties/nearDioptres/maximum",keyword:"maximum",params:{comparison:"<=",limit:25}};
r===null?r=[S]:r.push(S),e++}else if(A<-1||isNaN(A)){const S={instancePath:s+"/series/nearDioptres",schemaPath:"#/proper\
ties/series/oneOf/3/properties/nearDioptres/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}};r===null?r=[S]:
r.push(S),e++}}else{const S={instancePath:s+"/series/nearDioptres",schemaPath:"#/properties/series/oneOf/3/properties/ne\
arDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[S]:r.push(S),e++}var j=L===e}else var j=!0;if(j){if(i.
farDioptres!==void 0){let A=i.farDioptres;const L=e;if(e===L)if(typeof A=="number"&&isFinite(A)){if(A>25||isNaN(A)){const S={
instancePath:s+"/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/maximum",keyword:"ma\
ximum",params:{comparison:"<=",limit:25}};r===null?r=[S]:r.push(S),e++}else if(A<-1||isNaN(A)){const S={instancePath:s+"\
/series/farDioptres",schemaPath:"#/properties/series/oneOf/3/properties/farDioptres/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}};r===null?r=[S]:r.push(S),e++}}else{const S={instancePath:s+"/series/farDioptres",schemaPath:"#/properties\
/series/oneOf/3/properties/farDioptres/type",keyword:"type",params:{type:"number"}};r===null?r=[S]:r.push(S),e++}var j=L===
e}else var j=!0;if(j)if(i.overlap!==void 0){let A=i.overlap;const L=e;if(e===L)if(typeof A=="number"&&isFinite(A)){if(A>
.8||isNaN(A)){const S={instancePath:s+"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/maxim\
um",keyword:"maximum",params:{comparison:"<=",limit:.8}};r===null?r=[S]:r.push(S),e++}else if(A<0||isNaN(A)){const S={instancePath:s+
"/series/overlap",schemaPath:"#/properties/series/oneOf/3/properties/overlap/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}};r===null?r=[S]:r.push(S),e++}}else{const S={instancePath:s+"/series/overlap",schemaPath:"#/properties/seri\
es/oneOf/3/properties/overlap/type",keyword:"type",params:{type:"number"}};r===null?r=[S]:r.push(S),e++}var j=L===e}else
var j=!0}}}}}}else{const R={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/3/type",keyword:"type",params:{
type:"object"}};r===null?r=[R]:r.push(R),e++}var g=p===e;if(g&&q)q=!1,V=[V,3];else{g&&(q=!0,V=3);const R=e;if(e===R)if(i&&
typeof i=="object"&&!Array.isArray(i)){let A;if(i.kind===void 0&&(A="kind")||i.everyS===void 0&&(A="everyS")||i.frames===
void 0&&(A="frames")||i.exposure===void 0&&(A="exposure")||i.lightS===void 0&&(A="lightS")){const L={instancePath:s+"/se\
ries",schemaPath:"#/properties/series/oneOf/4/required",keyword:"required",params:{missingProperty:A}};r===null?r=[L]:r.
push(L),e++}else{const L=e;for(const x in i)if(!(x==="kind"||x==="everyS"||x==="frames"||x==="exposure"||x==="lightS")){
const S={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/additionalProperties",keyword:"additionalPrope\
rties",params:{additionalProperty:x}};r===null?r=[S]:r.push(S),e++;break}if(L===e){if(i.kind!==void 0){const x=e;if(i.kind!==
"interval"){const S={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/4/properties/kind/const",keyword:"\
const",params:{allowedValue:"interval"}};r===null?r=[S]:r.push(S),e++}var Z=x===e}else var Z=!0;if(Z){if(i.everyS!==void 0){
let x=i.everyS;const S=e;if(!(typeof x=="number"&&!(x%1)&&!isNaN(x)&&isFinite(x))){const $={instancePath:s+"/series/ever\
yS",schemaPath:"#/properties/series/oneOf/4/properties/everyS/type",keyword:"type",params:{type:"integer"}};r===null?r=[
$]:r.push($),e++}if(e===S&&typeof x=="number"&&isFinite(x)){if(x>3600||isNaN(x)){const $={instancePath:s+"/series/everyS",
schemaPath:"#/properties/series/oneOf/4/properties/everyS/maximum",keyword:"maximum",params:{comparison:"<=",limit:3600}};
r===null?r=[$]:r.push($),e++}else if(x<1||isNaN(x)){const $={instancePath:s+"/series/everyS",schemaPath:"#/properties/se\
ries/oneOf/4/properties/everyS/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[$]:r.push($),e++}}
var Z=S===e}else var Z=!0;if(Z){if(i.frames!==void 0){let x=i.frames;const S=e;if(!(typeof x=="number"&&!(x%1)&&!isNaN(x)&&
isFinite(x))){const $={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/type",keyword:"\
type",params:{type:"integer"}};r===null?r=[$]:r.push($),e++}if(e===S&&typeof x=="number"&&isFinite(x)){if(x>999||isNaN(x)){
const $={instancePath:s+"/series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/maximum",keyword:"max\
imum",params:{comparison:"<=",limit:999}};r===null?r=[$]:r.push($),e++}else if(x<2||isNaN(x)){const $={instancePath:s+"/\
series/frames",schemaPath:"#/properties/series/oneOf/4/properties/frames/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:2}};r===null?r=[$]:r.push($),e++}}var Z=S===e}else var Z=!0;if(Z){if(i.exposure!==void 0){let x=i.exposure;const S=e;
if(!(x==="held"||x==="metered")){const $={instancePath:s+"/series/exposure",schemaPath:"#/properties/series/oneOf/4/prop\
erties/exposure/enum",keyword:"enum",params:{allowedValues:oe.properties.series.oneOf[4].properties.exposure.enum}};r===
null?r=[$]:r.push($),e++}var Z=S===e}else var Z=!0;if(Z)if(i.lightS!==void 0){let x=i.lightS;const S=e;if(!(typeof x=="n\
umber"&&!(x%1)&&!isNaN(x)&&isFinite(x))){const $={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/\
4/properties/lightS/type",keyword:"type",params:{type:"integer"}};r===null?r=[$]:r.push($),e++}if(e===S&&typeof x=="numb\
er"&&isFinite(x)){if(x>86400||isNaN(x)){const $={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4\
/properties/lightS/maximum",keyword:"maximum",params:{comparison:"<=",limit:86400}};r===null?r=[$]:r.push($),e++}else if(x<
0||isNaN(x)){const $={instancePath:s+"/series/lightS",schemaPath:"#/properties/series/oneOf/4/properties/lightS/minimum",
keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[$]:r.push($),e++}}var Z=S===e}else var Z=!0}}}}}}else{const A={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/4/type",keyword:"type",params:{type:"object"}};r===null?r=
[A]:r.push(A),e++}var g=R===e;if(g&&q)q=!1,V=[V,4];else{g&&(q=!0,V=4);const A=e;if(e===A)if(i&&typeof i=="object"&&!Array.
isArray(i)){let x;if(i.kind===void 0&&(x="kind")||i.totalS===void 0&&(x="totalS")||i.gather===void 0&&(x="gather")){const S={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/5/required",keyword:"required",params:{missingProperty:x}};
r===null?r=[S]:r.push(S),e++}else{const S=e;for(const H in i)if(!(H==="kind"||H==="totalS"||H==="gather")){const $={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:H}};
r===null?r=[$]:r.push($),e++;break}if(S===e){if(i.kind!==void 0){const H=e;if(i.kind!=="long"){const $={instancePath:s+"\
/series/kind",schemaPath:"#/properties/series/oneOf/5/properties/kind/const",keyword:"const",params:{allowedValue:"long"}};
r===null?r=[$]:r.push($),e++}var l=H===e}else var l=!0;if(l){if(i.totalS!==void 0){let H=i.totalS;const $=e;if(!(typeof H==
"number"&&!(H%1)&&!isNaN(H)&&isFinite(H))){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/one\
Of/5/properties/totalS/type",keyword:"type",params:{type:"integer"}};r===null?r=[ie]:r.push(ie),e++}if(e===$&&typeof H==
"number"&&isFinite(H)){if(H>7200||isNaN(H)){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/on\
eOf/5/properties/totalS/maximum",keyword:"maximum",params:{comparison:"<=",limit:7200}};r===null?r=[ie]:r.push(ie),e++}else if(H<
30||isNaN(H)){const ie={instancePath:s+"/series/totalS",schemaPath:"#/properties/series/oneOf/5/properties/totalS/minimu\
m",keyword:"minimum",params:{comparison:">=",limit:30}};r===null?r=[ie]:r.push(ie),e++}}var l=$===e}else var l=!0;if(l)if(i.
gather!==void 0){let H=i.gather;const $=e;if(!(H==="mean"||H==="sum"||H==="brightest")){const ie={instancePath:s+"/serie\
s/gather",schemaPath:"#/properties/series/oneOf/5/properties/gather/enum",keyword:"enum",params:{allowedValues:oe.properties.
series.oneOf[5].properties.gather.enum}};r===null?r=[ie]:r.push(ie),e++}var l=$===e}else var l=!0}}}}else{const x={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf/5/type",keyword:"type",params:{type:"object"}};r===null?r=[x]:r.push(x),
e++}var g=A===e;g&&q?(q=!1,V=[V,5]):g&&(q=!0,V=5)}}}}if(q)e=J,r!==null&&(J?r.length=J:r=null);else{const f={instancePath:s+
"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:V}};return r===null?r=[f]:r.push(
f),e++,z.errors=r,!1}var a=I===e}else var a=!0;if(a)if(t.delayS!==void 0){let i=t.delayS;const I=e;if(!(i===0||i===2||i===
3||i===10||i===20))return z.errors=[{instancePath:s+"/delayS",schemaPath:"#/properties/delayS/enum",keyword:"enum",params:{
allowedValues:oe.properties.delayS.enum}}],!1;var a=I===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}}else return z.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return z.errors=r,e===0}const Se=M,pe={$id:"velmo/prefere\
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
"compStepClicks","monitors","focusing","naming","delaySound","lightAhead"],additionalProperties:!1},ee=require("ajv/dist/runtime/ucs2length").
default;function M(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&
typeof t=="object"&&!Array.isArray(t)){let Q;if(t.version===void 0&&(Q="version")||t.compStepClicks===void 0&&(Q="compSt\
epClicks")||t.monitors===void 0&&(Q="monitors")||t.focusing===void 0&&(Q="focusing")||t.naming===void 0&&(Q="naming")||t.
delaySound===void 0&&(Q="delaySound")||t.lightAhead===void 0&&(Q="lightAhead"))return M.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:Q}}],!1;{const X=e;for(const m in t)if(!(m==="version"||m==="comp\
StepClicks"||m==="monitors"||m==="focusing"||m==="delaySound"||m==="lightAhead"||m==="naming")){return M.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:m}}],!1;break}if(X===e){if(t.
version!==void 0){const m=e;if(t.version!==6)return M.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versio\
n/const",keyword:"const",params:{allowedValue:6}}],!1;var a=m===e}else var a=!0;if(a){if(t.compStepClicks!==void 0){let m=t.
compStepClicks;const u=e;if(!(m===1||m===1.5||m===3))return M.errors=[{instancePath:s+"/compStepClicks",schemaPath:"#/pr\
operties/compStepClicks/enum",keyword:"enum",params:{allowedValues:pe.properties.compStepClicks.enum}}],!1;var a=u===e}else
var a=!0;if(a){if(t.monitors!==void 0){let m=t.monitors;const u=e;if(e===u)if(m&&typeof m=="object"&&!Array.isArray(m)){
let y;if(m.over===void 0&&(y="over")||m.overColour===void 0&&(y="overColour")||m.under===void 0&&(y="under")||m.zebra===
void 0&&(y="zebra")||m.toneClicks===void 0&&(y="toneClicks")||m.rawHistogram===void 0&&(y="rawHistogram")||m.logHeight===
void 0&&(y="logHeight")||m.pictureHistogram===void 0&&(y="pictureHistogram")||m.allowedShare===void 0&&(y="allowedShare")||
m.peaking===void 0&&(y="peaking")||m.peakingStrength===void 0&&(y="peakingStrength")||m.peakingColour===void 0&&(y="peak\
ingColour"))return M.errors=[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/required",keyword:"required",
params:{missingProperty:y}}],!1;{const U=e;for(const o in m)if(!ve.call(pe.properties.monitors.properties,o)){return M.errors=
[{instancePath:s+"/monitors",schemaPath:"#/properties/monitors/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:o}}],!1;break}if(U===e){if(m.over!==void 0){let o=m.over;const n=e;if(!(o==="any"||o==="red"||o==="gr\
een"||o==="blue"||o==="off"))return M.errors=[{instancePath:s+"/monitors/over",schemaPath:"#/properties/monitors/propert\
ies/over/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.over.enum}}],!1;var b=n===e}else var b=!0;
if(b){if(m.overColour!==void 0){let o=m.overColour;const n=e;if(!(o==="pink"||o==="white"||o==="black"))return M.errors=
[{instancePath:s+"/monitors/overColour",schemaPath:"#/properties/monitors/properties/overColour/enum",keyword:"enum",params:{
allowedValues:pe.properties.monitors.properties.overColour.enum}}],!1;var b=n===e}else var b=!0;if(b){if(m.under!==void 0){
const o=e;if(typeof m.under!="boolean")return M.errors=[{instancePath:s+"/monitors/under",schemaPath:"#/properties/monit\
ors/properties/under/type",keyword:"type",params:{type:"boolean"}}],!1;var b=o===e}else var b=!0;if(b){if(m.zebra!==void 0){
let o=m.zebra;const n=e,N=e;let v=!1,g=null;const _=e;if(o!==null){const k={instancePath:s+"/monitors/zebra",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var O=_===
e;O&&(v=!0,g=0);const j=e;if(e===j)if(o&&typeof o=="object"&&!Array.isArray(o)){let k;if(o.on===void 0&&(k="on")||o.clicksUnder===
void 0&&(k="clicksUnder")){const Z={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/\
oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const l in o)
if(!(l==="on"||l==="clicksUnder")){const P={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/propertie\
s/zebra/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[P]:r.push(
P),e++;break}if(Z===e){if(o.on!==void 0){const l=e;if(o.on!=="raw"){const P={instancePath:s+"/monitors/zebra/on",schemaPath:"\
#/properties/monitors/properties/zebra/oneOf/1/properties/on/const",keyword:"const",params:{allowedValue:"raw"}};r===null?
r=[P]:r.push(P),e++}var D=l===e}else var D=!0;if(D)if(o.clicksUnder!==void 0){let l=o.clicksUnder;const P=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/monitors/zebra/clicksUnder",schemaPath:"#/propertie\
s/monitors/properties/zebra/oneOf/1/properties/clicksUnder/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:
r.push(i),e++}if(e===P&&typeof l=="number"&&isFinite(l)){if(l>9||isNaN(l)){const i={instancePath:s+"/monitors/zebra/clic\
ksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/maximum",keyword:"maximum",params:{
comparison:"<=",limit:9}};r===null?r=[i]:r.push(i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/monitors/zebra/c\
licksUnder",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/properties/clicksUnder/minimum",keyword:"minimum",
params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}var D=P===e}else var D=!0}}}else{const k={instancePath:s+
"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/1/type",keyword:"type",params:{type:"object"}};
r===null?r=[k]:r.push(k),e++}var O=j===e;if(O&&v)v=!1,g=[g,1];else{O&&(v=!0,g=1);const k=e;if(e===k)if(o&&typeof o=="obj\
ect"&&!Array.isArray(o)){let l;if(o.on===void 0&&(l="on")||o.percent===void 0&&(l="percent")){const P={instancePath:s+"/\
monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/required",keyword:"required",params:{missingProperty:l}};
r===null?r=[P]:r.push(P),e++}else{const P=e;for(const B in o)if(!(B==="on"||B==="percent")){const i={instancePath:s+"/mo\
nitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/additionalProperties",keyword:"additionalProper\
ties",params:{additionalProperty:B}};r===null?r=[i]:r.push(i),e++;break}if(P===e){if(o.on!==void 0){const B=e;if(o.on!==
"picture"){const i={instancePath:s+"/monitors/zebra/on",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/prope\
rties/on/const",keyword:"const",params:{allowedValue:"picture"}};r===null?r=[i]:r.push(i),e++}var W=B===e}else var W=!0;
if(W)if(o.percent!==void 0){let B=o.percent;const i=e;if(!(typeof B=="number"&&!(B%1)&&!isNaN(B)&&isFinite(B))){const J={
instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf/2/properties/percent/t\
ype",keyword:"type",params:{type:"integer"}};r===null?r=[J]:r.push(J),e++}if(e===i&&typeof B=="number"&&isFinite(B)){if(B>
109||isNaN(B)){const J={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/properties/percent/maximum",keyword:"maximum",params:{comparison:"<=",limit:109}};r===null?r=[J]:r.push(J),e++}else if(B<
70||isNaN(B)){const J={instancePath:s+"/monitors/zebra/percent",schemaPath:"#/properties/monitors/properties/zebra/oneOf\
/2/properties/percent/minimum",keyword:"minimum",params:{comparison:">=",limit:70}};r===null?r=[J]:r.push(J),e++}}var W=i===
e}else var W=!0}}}else{const l={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/monitors/properties/zebra/oneO\
f/2/type",keyword:"type",params:{type:"object"}};r===null?r=[l]:r.push(l),e++}var O=k===e;O&&v?(v=!1,g=[g,2]):O&&(v=!0,g=
2)}if(v)e=N,r!==null&&(N?r.length=N:r=null);else{const k={instancePath:s+"/monitors/zebra",schemaPath:"#/properties/moni\
tors/properties/zebra/oneOf",keyword:"oneOf",params:{passingSchemas:g}};return r===null?r=[k]:r.push(k),e++,M.errors=r,!1}
var b=n===e}else var b=!0;if(b){if(m.toneClicks!==void 0){let o=m.toneClicks;const n=e;if(!(typeof o=="number"&&!(o%1)&&
!isNaN(o)&&isFinite(o))&&o!==null)return M.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monit\
ors/properties/toneClicks/type",keyword:"type",params:{type:pe.properties.monitors.properties.toneClicks.type}}],!1;if(e===
n&&typeof o=="number"&&isFinite(o)){if(o>9||isNaN(o))return M.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"\
#/properties/monitors/properties/toneClicks/maximum",keyword:"maximum",params:{comparison:"<=",limit:9}}],!1;if(o<-18||isNaN(
o))return M.errors=[{instancePath:s+"/monitors/toneClicks",schemaPath:"#/properties/monitors/properties/toneClicks/minim\
um",keyword:"minimum",params:{comparison:">=",limit:-18}}],!1}var b=n===e}else var b=!0;if(b){if(m.rawHistogram!==void 0){
let o=m.rawHistogram;const n=e;if(!(o==="off"||o==="small"||o==="large"))return M.errors=[{instancePath:s+"/monitors/raw\
Histogram",schemaPath:"#/properties/monitors/properties/rawHistogram/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.rawHistogram.enum}}],!1;var b=n===e}else var b=!0;if(b){if(m.logHeight!==void 0){const o=e;if(typeof m.
logHeight!="boolean")return M.errors=[{instancePath:s+"/monitors/logHeight",schemaPath:"#/properties/monitors/properties\
/logHeight/type",keyword:"type",params:{type:"boolean"}}],!1;var b=o===e}else var b=!0;if(b){if(m.pictureHistogram!==void 0){
const o=e;if(typeof m.pictureHistogram!="boolean")return M.errors=[{instancePath:s+"/monitors/pictureHistogram",schemaPath:"\
#/properties/monitors/properties/pictureHistogram/type",keyword:"type",params:{type:"boolean"}}],!1;var b=o===e}else var b=!0;
if(b){if(m.allowedShare!==void 0){let o=m.allowedShare;const n=e;if(!(o===0||o===.001||o===.005||o===.02))return M.errors=
[{instancePath:s+"/monitors/allowedShare",schemaPath:"#/properties/monitors/properties/allowedShare/enum",keyword:"enum",
params:{allowedValues:pe.properties.monitors.properties.allowedShare.enum}}],!1;var b=n===e}else var b=!0;if(b){if(m.peaking!==
void 0){let o=m.peaking;const n=e;if(!(o==="focusing"||o==="always"||o==="off"))return M.errors=[{instancePath:s+"/monit\
ors/peaking",schemaPath:"#/properties/monitors/properties/peaking/enum",keyword:"enum",params:{allowedValues:pe.properties.
monitors.properties.peaking.enum}}],!1;var b=n===e}else var b=!0;if(b){if(m.peakingStrength!==void 0){let o=m.peakingStrength;
const n=e;if(!(o==="low"||o==="medium"||o==="high"))return M.errors=[{instancePath:s+"/monitors/peakingStrength",schemaPath:"\
#/properties/monitors/properties/peakingStrength/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.
peakingStrength.enum}}],!1;var b=n===e}else var b=!0;if(b)if(m.peakingColour!==void 0){let o=m.peakingColour;const n=e;if(!(o===
"violet"||o==="white"||o==="blue"))return M.errors=[{instancePath:s+"/monitors/peakingColour",schemaPath:"#/properties/m\
onitors/properties/peakingColour/enum",keyword:"enum",params:{allowedValues:pe.properties.monitors.properties.peakingColour.
enum}}],!1;var b=n===e}else var b=!0}}}}}}}}}}}}}else return M.errors=[{instancePath:s+"/monitors",schemaPath:"#/propert\
ies/monitors/type",keyword:"type",params:{type:"object"}}],!1;var a=u===e}else var a=!0;if(a){if(t.focusing!==void 0){let m=t.
focusing;const u=e;if(e===u)if(m&&typeof m=="object"&&!Array.isArray(m)){let y;if(m.unit===void 0&&(y="unit")||m.loupeZoom===
void 0&&(y="loupeZoom")||m.loupeWithFocus===void 0&&(y="loupeWithFocus")||m.beforeCapture===void 0&&(y="beforeCapture"))
return M.errors=[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/required",keyword:"required",params:{missingProperty:y}}],
!1;{const U=e;for(const o in m)if(!(o==="unit"||o==="loupeZoom"||o==="loupeWithFocus"||o==="beforeCapture")){return M.errors=
[{instancePath:s+"/focusing",schemaPath:"#/properties/focusing/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:o}}],!1;break}if(U===e){if(m.unit!==void 0){let o=m.unit;const n=e;if(!(o==="m"||o==="ft"))return M.errors=
[{instancePath:s+"/focusing/unit",schemaPath:"#/properties/focusing/properties/unit/enum",keyword:"enum",params:{allowedValues:pe.
properties.focusing.properties.unit.enum}}],!1;var c=n===e}else var c=!0;if(c){if(m.loupeZoom!==void 0){let o=m.loupeZoom;
const n=e;if(!(o===1||o===2))return M.errors=[{instancePath:s+"/focusing/loupeZoom",schemaPath:"#/properties/focusing/pr\
operties/loupeZoom/enum",keyword:"enum",params:{allowedValues:pe.properties.focusing.properties.loupeZoom.enum}}],!1;var c=n===
e}else var c=!0;if(c){if(m.loupeWithFocus!==void 0){const o=e;if(typeof m.loupeWithFocus!="boolean")return M.errors=[{instancePath:s+
"/focusing/loupeWithFocus",schemaPath:"#/properties/focusing/properties/loupeWithFocus/type",keyword:"type",params:{type:"\
boolean"}}],!1;var c=o===e}else var c=!0;if(c)if(m.beforeCapture!==void 0){const o=e;if(typeof m.beforeCapture!="boolean")
return M.errors=[{instancePath:s+"/focusing/beforeCapture",schemaPath:"#/properties/focusing/properties/beforeCapture/ty\
pe",keyword:"type",params:{type:"boolean"}}],!1;var c=o===e}else var c=!0}}}}}else return M.errors=[{instancePath:s+"/fo\
cusing",schemaPath:"#/properties/focusing/type",keyword:"type",params:{type:"object"}}],!1;var a=u===e}else var a=!0;if(a){
if(t.delaySound!==void 0){const m=e;if(typeof t.delaySound!="boolean")return M.errors=[{instancePath:s+"/delaySound",schemaPath:"\
#/properties/delaySound/type",keyword:"type",params:{type:"boolean"}}],!1;var a=m===e}else var a=!0;if(a){if(t.lightAhead!==
void 0){let m=t.lightAhead;const u=e;if(!(m==="fitting"||m==="always"||m==="never"))return M.errors=[{instancePath:s+"/l\
ightAhead",schemaPath:"#/properties/lightAhead/enum",keyword:"enum",params:{allowedValues:pe.properties.lightAhead.enum}}],
!1;var a=u===e}else var a=!0;if(a)if(t.naming!==void 0){let m=t.naming;const u=e;if(e===u)if(m&&typeof m=="object"&&!Array.
isArray(m)){let y;if(m.pattern===void 0&&(y="pattern")||m.count===void 0&&(y="count"))return M.errors=[{instancePath:s+"\
/naming",schemaPath:"#/properties/naming/required",keyword:"required",params:{missingProperty:y}}],!1;{const U=e;for(const o in m)
if(!(o==="pattern"||o==="count")){return M.errors=[{instancePath:s+"/naming",schemaPath:"#/properties/naming/additionalP\
roperties",keyword:"additionalProperties",params:{additionalProperty:o}}],!1;break}if(U===e){if(m.pattern!==void 0){let o=m.
pattern;const n=e;if(e===n)if(typeof o=="string"){if(ee(o)>80)return M.errors=[{instancePath:s+"/naming/pattern",schemaPath:"\
#/properties/naming/properties/pattern/maxLength",keyword:"maxLength",params:{limit:80}}],!1}else return M.errors=[{instancePath:s+
"/naming/pattern",schemaPath:"#/properties/naming/properties/pattern/type",keyword:"type",params:{type:"string"}}],!1;var w=n===
e}else var w=!0;if(w)if(m.count!==void 0){let o=m.count;const n=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))
return M.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/type",keyword:"type",params:{
type:"integer"}}],!1;if(e===n&&typeof o=="number"&&isFinite(o)){if(o>1e9||isNaN(o))return M.errors=[{instancePath:s+"/na\
ming/count",schemaPath:"#/properties/naming/properties/count/maximum",keyword:"maximum",params:{comparison:"<=",limit:1e9}}],
!1;if(o<1||isNaN(o))return M.errors=[{instancePath:s+"/naming/count",schemaPath:"#/properties/naming/properties/count/mi\
nimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var w=n===e}else var w=!0}}}else return M.errors=[{instancePath:s+
"/naming",schemaPath:"#/properties/naming/type",keyword:"type",params:{type:"object"}}],!1;var a=u===e}else var a=!0}}}}}}}}else
return M.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return M.errors=r,e===0}
const je=F,le={$id:"velmo/frame/2",type:"object",properties:{version:{const:2},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
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
kind:{enum:["dng","jpeg","tiff","png","webp","avif","heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{
type:"integer",minimum:1},chunks:{type:"integer",minimum:1,maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},
longestHandheldS:{type:["number","null"]},words:{type:"object",properties:{source:{type:"string",maxLength:200},summary:{
type:"string",maxLength:200}},required:["source","summary"],additionalProperties:!1}},required:["version","id","captured\
At","camera","place","origin","timeS","iso","compClicks","lens","focusDioptres","white","clippedShare","width","height",
"average","roll","stem","series","files"],additionalProperties:!1},ge=new RegExp("^[a-z0-9-]{8,64}$","u");function F(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let y;if(t.version===void 0&&(y="version")||t.id===void 0&&(y="id")||t.capturedAt===void 0&&(y="captu\
redAt")||t.camera===void 0&&(y="camera")||t.place===void 0&&(y="place")||t.origin===void 0&&(y="origin")||t.timeS===void 0&&
(y="timeS")||t.iso===void 0&&(y="iso")||t.compClicks===void 0&&(y="compClicks")||t.lens===void 0&&(y="lens")||t.focusDioptres===
void 0&&(y="focusDioptres")||t.white===void 0&&(y="white")||t.clippedShare===void 0&&(y="clippedShare")||t.width===void 0&&
(y="width")||t.height===void 0&&(y="height")||t.average===void 0&&(y="average")||t.roll===void 0&&(y="roll")||t.stem===void 0&&
(y="stem")||t.series===void 0&&(y="series")||t.files===void 0&&(y="files"))return F.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:y}}],!1;{const U=e;for(const o in t)if(!ve.call(le.properties,o)){
return F.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:o}}],
!1;break}if(U===e){if(t.version!==void 0){const o=e;if(t.version!==2)return F.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:2}}],!1;var a=o===e}else var a=!0;if(a){if(t.id!==void 0){
let o=t.id;const n=e;if(e===n)if(typeof o=="string"){if(!ge.test(o))return F.errors=[{instancePath:s+"/id",schemaPath:"#\
/properties/id/pattern",keyword:"pattern",params:{pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return F.errors=[{instancePath:s+
"/id",schemaPath:"#/properties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=n===e}else var a=!0;if(a){if(t.
capturedAt!==void 0){let o=t.capturedAt;const n=e;if(e===n)if(typeof o=="number"&&isFinite(o)){if(o<0||isNaN(o))return F.
errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:0}}],!1}else return F.errors=[{instancePath:s+"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"\
type",params:{type:"number"}}],!1;var a=n===e}else var a=!0;if(a){if(t.camera!==void 0){let o=t.camera;const n=e;if(!(o===
"simulated"||o==="browser"||o==="file"))return F.errors=[{instancePath:s+"/camera",schemaPath:"#/properties/camera/enum",
keyword:"enum",params:{allowedValues:le.properties.camera.enum}}],!1;var a=n===e}else var a=!0;if(a){if(t.place!==void 0){
let o=t.place;const n=e;if(e===n)if(typeof o=="string"){if(ee(o)>200)return F.errors=[{instancePath:s+"/place",schemaPath:"\
#/properties/place/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return F.errors=[{instancePath:s+"/place",
schemaPath:"#/properties/place/type",keyword:"type",params:{type:"string"}}],!1;var a=n===e}else var a=!0;if(a){if(t.origin!==
void 0){let o=t.origin;const n=e;if(!(o==="raw"||o==="video-frame"||o==="photo"||o==="photo-remade"||o==="average"||o===
"opened"))return F.errors=[{instancePath:s+"/origin",schemaPath:"#/properties/origin/enum",keyword:"enum",params:{allowedValues:le.
properties.origin.enum}}],!1;var a=n===e}else var a=!0;if(a){if(t.timeS!==void 0){let o=t.timeS;const n=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null)return F.errors=[{instancePath:s+"/timeS",schemaPath:"#/properties/timeS/type",keyword:"\
type",params:{type:le.properties.timeS.type}}],!1;var a=n===e}else var a=!0;if(a){if(t.iso!==void 0){let o=t.iso;const n=e;
if(!(typeof o=="number"&&isFinite(o))&&o!==null)return F.errors=[{instancePath:s+"/iso",schemaPath:"#/properties/iso/typ\
e",keyword:"type",params:{type:le.properties.iso.type}}],!1;var a=n===e}else var a=!0;if(a){if(t.compClicks!==void 0){let o=t.
compClicks;const n=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return F.errors=[{instancePath:s+"/compClicks",schemaPath:"\
#/properties/compClicks/type",keyword:"type",params:{type:le.properties.compClicks.type}}],!1;var a=n===e}else var a=!0;
if(a){if(t.lens!==void 0){let o=t.lens;const n=e;if(typeof o!="string"&&o!==null)return F.errors=[{instancePath:s+"/lens",
schemaPath:"#/properties/lens/type",keyword:"type",params:{type:le.properties.lens.type}}],!1;if(e===n&&typeof o=="strin\
g"&&ee(o)>64)return F.errors=[{instancePath:s+"/lens",schemaPath:"#/properties/lens/maxLength",keyword:"maxLength",params:{
limit:64}}],!1;var a=n===e}else var a=!0;if(a){if(t.focusDioptres!==void 0){let o=t.focusDioptres;const n=e;if(!(typeof o==
"number"&&isFinite(o))&&o!==null)return F.errors=[{instancePath:s+"/focusDioptres",schemaPath:"#/properties/focusDioptre\
s/type",keyword:"type",params:{type:le.properties.focusDioptres.type}}],!1;var a=n===e}else var a=!0;if(a){if(t.white!==
void 0){let o=t.white;const n=e,N=e;let v=!1,g=null;const _=e;if(o!==null){const k={instancePath:s+"/white",schemaPath:"\
#/properties/white/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var D=_===e;D&&(v=!0,
g=0);const j=e;if(e===j)if(o&&typeof o=="object"&&!Array.isArray(o)){let k;if(o.kelvin===void 0&&(k="kelvin")||o.tint===
void 0&&(k="tint")){const Z={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/required",keyword:"required",
params:{missingProperty:k}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const l in o)if(!(l==="kelvin"||l==="tint")){
const P={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/additionalProperties",keyword:"additionalPropert\
ies",params:{additionalProperty:l}};r===null?r=[P]:r.push(P),e++;break}if(Z===e){if(o.kelvin!==void 0){let l=o.kelvin;const P=e;
if(!(typeof l=="number"&&isFinite(l))){const B={instancePath:s+"/white/kelvin",schemaPath:"#/properties/white/oneOf/1/pr\
operties/kelvin/type",keyword:"type",params:{type:"number"}};r===null?r=[B]:r.push(B),e++}var b=P===e}else var b=!0;if(b)
if(o.tint!==void 0){let l=o.tint;const P=e;if(!(typeof l=="number"&&isFinite(l))){const i={instancePath:s+"/white/tint",
schemaPath:"#/properties/white/oneOf/1/properties/tint/type",keyword:"type",params:{type:"number"}};r===null?r=[i]:r.push(
i),e++}var b=P===e}else var b=!0}}}else{const k={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf/1/type",keyword:"\
type",params:{type:"object"}};r===null?r=[k]:r.push(k),e++}var D=j===e;if(D&&v?(v=!1,g=[g,1]):D&&(v=!0,g=1),v)e=N,r!==null&&
(N?r.length=N:r=null);else{const k={instancePath:s+"/white",schemaPath:"#/properties/white/oneOf",keyword:"oneOf",params:{
passingSchemas:g}};return r===null?r=[k]:r.push(k),e++,F.errors=r,!1}var a=n===e}else var a=!0;if(a){if(t.clippedShare!==
void 0){let o=t.clippedShare;const n=e,N=e;let v=!1,g=null;const _=e;if(o!==null){const k={instancePath:s+"/clippedShare",
schemaPath:"#/properties/clippedShare/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var W=_===
e;W&&(v=!0,g=0);const j=e;if(e===j)if(Array.isArray(o))if(o.length>3){const k={instancePath:s+"/clippedShare",schemaPath:"\
#/properties/clippedShare/oneOf/1/maxItems",keyword:"maxItems",params:{limit:3}};r===null?r=[k]:r.push(k),e++}else if(o.
length<3){const k={instancePath:s+"/clippedShare",schemaPath:"#/properties/clippedShare/oneOf/1/minItems",keyword:"minIt\
ems",params:{limit:3}};r===null?r=[k]:r.push(k),e++}else{var O=!0;const k=o.length;for(let Z=0;Z<k;Z++){let l=o[Z];const P=e;
if(e===P)if(typeof l=="number"&&isFinite(l)){if(l>1||isNaN(l)){const i={instancePath:s+"/clippedShare/"+Z,schemaPath:"#/\
properties/clippedShare/oneOf/1/items/maximum",keyword:"maximum",params:{comparison:"<=",limit:1}};r===null?r=[i]:r.push(
i),e++}else if(l<0||isNaN(l)){const i={instancePath:s+"/clippedShare/"+Z,schemaPath:"#/properties/clippedShare/oneOf/1/i\
tems/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[i]:r.push(i),e++}}else{const i={instancePath:s+
"/clippedShare/"+Z,schemaPath:"#/properties/clippedShare/oneOf/1/items/type",keyword:"type",params:{type:"number"}};r===
null?r=[i]:r.push(i),e++}var O=P===e;if(!O)break}}else{const k={instancePath:s+"/clippedShare",schemaPath:"#/properties/\
clippedShare/oneOf/1/type",keyword:"type",params:{type:"array"}};r===null?r=[k]:r.push(k),e++}var W=j===e;if(W&&v?(v=!1,
g=[g,1]):W&&(v=!0,g=1),v)e=N,r!==null&&(N?r.length=N:r=null);else{const k={instancePath:s+"/clippedShare",schemaPath:"#/\
properties/clippedShare/oneOf",keyword:"oneOf",params:{passingSchemas:g}};return r===null?r=[k]:r.push(k),e++,F.errors=r,
!1}var a=n===e}else var a=!0;if(a){if(t.width!==void 0){let o=t.width;const n=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(
o)&&isFinite(o)))return F.errors=[{instancePath:s+"/width",schemaPath:"#/properties/width/type",keyword:"type",params:{type:"\
integer"}}],!1;if(e===n&&typeof o=="number"&&isFinite(o)&&(o<0||isNaN(o)))return F.errors=[{instancePath:s+"/width",schemaPath:"\
#/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1;var a=n===e}else var a=!0;if(a){if(t.
height!==void 0){let o=t.height;const n=e;if(!(typeof o=="number"&&!(o%1)&&!isNaN(o)&&isFinite(o)))return F.errors=[{instancePath:s+
"/height",schemaPath:"#/properties/height/type",keyword:"type",params:{type:"integer"}}],!1;if(e===n&&typeof o=="number"&&
isFinite(o)&&(o<0||isNaN(o)))return F.errors=[{instancePath:s+"/height",schemaPath:"#/properties/height/minimum",keyword:"\
minimum",params:{comparison:">=",limit:0}}],!1;var a=n===e}else var a=!0;if(a){if(t.average!==void 0){let o=t.average;const n=e,
N=e;let v=!1,g=null;const _=e;if(o!==null){const k={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/0/t\
ype",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var w=_===e;w&&(v=!0,g=0);const j=e;if(e===j)if(o&&
typeof o=="object"&&!Array.isArray(o)){let k;if(o.frames===void 0&&(k="frames")||o.timesLess===void 0&&(k="timesLess")){
const Z={instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/required",keyword:"required",params:{missingProperty:k}};
r===null?r=[Z]:r.push(Z),e++}else{const Z=e;for(const l in o)if(!(l==="frames"||l==="timesLess")){const P={instancePath:s+
"/average",schemaPath:"#/properties/average/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};
r===null?r=[P]:r.push(P),e++;break}if(Z===e){if(o.frames!==void 0){let l=o.frames;const P=e;if(!(typeof l=="number"&&!(l%
1)&&!isNaN(l)&&isFinite(l))){const B={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properti\
es/frames/type",keyword:"type",params:{type:"integer"}};r===null?r=[B]:r.push(B),e++}if(e===P&&typeof l=="number"&&isFinite(
l)&&(l<1||isNaN(l))){const B={instancePath:s+"/average/frames",schemaPath:"#/properties/average/oneOf/1/properties/frame\
s/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[B]:r.push(B),e++}var c=P===e}else var c=!0;if(c)
if(o.timesLess!==void 0){let l=o.timesLess;const P=e;if(!(typeof l=="number"&&isFinite(l))&&l!==null){const i={instancePath:s+
"/average/timesLess",schemaPath:"#/properties/average/oneOf/1/properties/timesLess/type",keyword:"type",params:{type:le.
properties.average.oneOf[1].properties.timesLess.type}};r===null?r=[i]:r.push(i),e++}var c=P===e}else var c=!0}}}else{const k={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?
r=[k]:r.push(k),e++}var w=j===e;if(w&&v?(v=!1,g=[g,1]):w&&(v=!0,g=1),v)e=N,r!==null&&(N?r.length=N:r=null);else{const k={
instancePath:s+"/average",schemaPath:"#/properties/average/oneOf",keyword:"oneOf",params:{passingSchemas:g}};return r===
null?r=[k]:r.push(k),e++,F.errors=r,!1}var a=n===e}else var a=!0;if(a){if(t.roll!==void 0){let o=t.roll;const n=e;if(e===
n)if(typeof o=="string"){if(ee(o)>200)return F.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/maxLength",
keyword:"maxLength",params:{limit:200}}],!1}else return F.errors=[{instancePath:s+"/roll",schemaPath:"#/properties/roll/\
type",keyword:"type",params:{type:"string"}}],!1;var a=n===e}else var a=!0;if(a){if(t.stem!==void 0){let o=t.stem;const n=e;
if(e===n)if(typeof o=="string"){if(ee(o)>160)return F.errors=[{instancePath:s+"/stem",schemaPath:"#/properties/stem/maxL\
ength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(o)<1)return F.errors=[{instancePath:s+"/stem",schemaPath:"#/pro\
perties/stem/minLength",keyword:"minLength",params:{limit:1}}],!1}else return F.errors=[{instancePath:s+"/stem",schemaPath:"\
#/properties/stem/type",keyword:"type",params:{type:"string"}}],!1;var a=n===e}else var a=!0;if(a){if(t.series!==void 0){
let o=t.series;const n=e,N=e;let v=!1,g=null;const _=e;if(o!==null){const k={instancePath:s+"/series",schemaPath:"#/prop\
erties/series/oneOf/0/type",keyword:"type",params:{type:"null"}};r===null?r=[k]:r.push(k),e++}var X=_===e;X&&(v=!0,g=0);
const j=e;if(e===j)if(o&&typeof o=="object"&&!Array.isArray(o)){let k;if(o.id===void 0&&(k="id")||o.kind===void 0&&(k="k\
ind")||o.step===void 0&&(k="step")||o.count===void 0&&(k="count")){const Z={instancePath:s+"/series",schemaPath:"#/prope\
rties/series/oneOf/1/required",keyword:"required",params:{missingProperty:k}};r===null?r=[Z]:r.push(Z),e++}else{const Z=e;
for(const l in o)if(!(l==="id"||l==="kind"||l==="step"||l==="count")){const P={instancePath:s+"/series",schemaPath:"#/pr\
operties/series/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}};r===null?r=[
P]:r.push(P),e++;break}if(Z===e){if(o.id!==void 0){let l=o.id;const P=e;if(e===P)if(typeof l=="string"){if(ee(l)>64){const B={
instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf/1/properties/id/maxLength",keyword:"maxLength",params:{
limit:64}};r===null?r=[B]:r.push(B),e++}}else{const B={instancePath:s+"/series/id",schemaPath:"#/properties/series/oneOf\
/1/properties/id/type",keyword:"type",params:{type:"string"}};r===null?r=[B]:r.push(B),e++}var Q=P===e}else var Q=!0;if(Q){
if(o.kind!==void 0){let l=o.kind;const P=e;if(!(l==="single"||l==="bracket"||l==="burst"||l==="focus"||l==="interval"||l===
"long")){const i={instancePath:s+"/series/kind",schemaPath:"#/properties/series/oneOf/1/properties/kind/enum",keyword:"e\
num",params:{allowedValues:le.properties.series.oneOf[1].properties.kind.enum}};r===null?r=[i]:r.push(i),e++}var Q=P===e}else
var Q=!0;if(Q){if(o.step!==void 0){let l=o.step;const P=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={
instancePath:s+"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/type",keyword:"type",params:{type:"\
integer"}};r===null?r=[i]:r.push(i),e++}if(e===P&&typeof l=="number"&&isFinite(l)&&(l<0||isNaN(l))){const i={instancePath:s+
"/series/step",schemaPath:"#/properties/series/oneOf/1/properties/step/minimum",keyword:"minimum",params:{comparison:">=",
limit:0}};r===null?r=[i]:r.push(i),e++}var Q=P===e}else var Q=!0;if(Q)if(o.count!==void 0){let l=o.count;const P=e;if(!(typeof l==
"number"&&!(l%1)&&!isNaN(l)&&isFinite(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf\
/1/properties/count/type",keyword:"type",params:{type:"integer"}};r===null?r=[i]:r.push(i),e++}if(e===P&&typeof l=="numb\
er"&&isFinite(l)&&(l<1||isNaN(l))){const i={instancePath:s+"/series/count",schemaPath:"#/properties/series/oneOf/1/prope\
rties/count/minimum",keyword:"minimum",params:{comparison:">=",limit:1}};r===null?r=[i]:r.push(i),e++}var Q=P===e}else var Q=!0}}}}}else{
const k={instancePath:s+"/series",schemaPath:"#/properties/series/oneOf/1/type",keyword:"type",params:{type:"object"}};r===
null?r=[k]:r.push(k),e++}var X=j===e;if(X&&v?(v=!1,g=[g,1]):X&&(v=!0,g=1),v)e=N,r!==null&&(N?r.length=N:r=null);else{const k={
instancePath:s+"/series",schemaPath:"#/properties/series/oneOf",keyword:"oneOf",params:{passingSchemas:g}};return r===null?
r=[k]:r.push(k),e++,F.errors=r,!1}var a=n===e}else var a=!0;if(a){if(t.files!==void 0){let o=t.files;const n=e;if(e===n)
if(Array.isArray(o)){if(o.length>8)return F.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"\
maxItems",params:{limit:8}}],!1;if(o.length<1)return F.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/m\
inItems",keyword:"minItems",params:{limit:1}}],!1;{var m=!0;const v=o.length;for(let g=0;g<v;g++){let _=o[g];const j=e;if(e===
j)if(_&&typeof _=="object"&&!Array.isArray(_)){let k;if(_.kind===void 0&&(k="kind")||_.name===void 0&&(k="name")||_.bytes===
void 0&&(k="bytes")||_.chunks===void 0&&(k="chunks"))return F.errors=[{instancePath:s+"/files/"+g,schemaPath:"#/properti\
es/files/items/required",keyword:"required",params:{missingProperty:k}}],!1;{const Z=e;for(const l in _)if(!(l==="kind"||
l==="name"||l==="bytes"||l==="chunks")){return F.errors=[{instancePath:s+"/files/"+g,schemaPath:"#/properties/files/item\
s/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:l}}],!1;break}if(Z===e){if(_.kind!==void 0){
let l=_.kind;const P=e;if(!(l==="dng"||l==="jpeg"||l==="tiff"||l==="png"||l==="webp"||l==="avif"||l==="heic"||l==="raw"))
return F.errors=[{instancePath:s+"/files/"+g+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"\
enum",params:{allowedValues:le.properties.files.items.properties.kind.enum}}],!1;var u=P===e}else var u=!0;if(u){if(_.name!==
void 0){let l=_.name;const P=e;if(e===P)if(typeof l=="string"){if(ee(l)>160)return F.errors=[{instancePath:s+"/files/"+g+
"/name",schemaPath:"#/properties/files/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(
l)<1)return F.errors=[{instancePath:s+"/files/"+g+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",
keyword:"minLength",params:{limit:1}}],!1}else return F.errors=[{instancePath:s+"/files/"+g+"/name",schemaPath:"#/proper\
ties/files/items/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var u=P===e}else var u=!0;if(u){if(_.bytes!==
void 0){let l=_.bytes;const P=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return F.errors=[{instancePath:s+
"/files/"+g+"/bytes",schemaPath:"#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===P&&typeof l=="number"&&isFinite(l)&&(l<1||isNaN(l)))return F.errors=[{instancePath:s+"/files/"+g+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var u=P===e}else
var u=!0;if(u)if(_.chunks!==void 0){let l=_.chunks;const P=e;if(!(typeof l=="number"&&!(l%1)&&!isNaN(l)&&isFinite(l)))return F.
errors=[{instancePath:s+"/files/"+g+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",
params:{type:"integer"}}],!1;if(e===P&&typeof l=="number"&&isFinite(l)){if(l>4096||isNaN(l))return F.errors=[{instancePath:s+
"/files/"+g+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:4096}}],!1;if(l<1||isNaN(l))return F.errors=[{instancePath:s+"/files/"+g+"/chunks",schemaPath:"#/properties/fi\
les/items/properties/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var u=P===e}else var u=!0}}}}}else
return F.errors=[{instancePath:s+"/files/"+g,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"obj\
ect"}}],!1;var m=j===e;if(!m)break}}}else return F.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",
keyword:"type",params:{type:"array"}}],!1;var a=n===e}else var a=!0;if(a){if(t.longestHandheldS!==void 0){let o=t.longestHandheldS;
const n=e;if(!(typeof o=="number"&&isFinite(o))&&o!==null)return F.errors=[{instancePath:s+"/longestHandheldS",schemaPath:"\
#/properties/longestHandheldS/type",keyword:"type",params:{type:le.properties.longestHandheldS.type}}],!1;var a=n===e}else
var a=!0;if(a)if(t.words!==void 0){let o=t.words;const n=e;if(e===n)if(o&&typeof o=="object"&&!Array.isArray(o)){let v;if(o.
source===void 0&&(v="source")||o.summary===void 0&&(v="summary"))return F.errors=[{instancePath:s+"/words",schemaPath:"#\
/properties/words/required",keyword:"required",params:{missingProperty:v}}],!1;{const g=e;for(const _ in o)if(!(_==="sou\
rce"||_==="summary")){return F.errors=[{instancePath:s+"/words",schemaPath:"#/properties/words/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:_}}],!1;break}if(g===e){if(o.source!==void 0){let _=o.source;const j=e;
if(e===j)if(typeof _=="string"){if(ee(_)>200)return F.errors=[{instancePath:s+"/words/source",schemaPath:"#/properties/w\
ords/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return F.errors=[{instancePath:s+"/wo\
rds/source",schemaPath:"#/properties/words/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var G=j===
e}else var G=!0;if(G)if(o.summary!==void 0){let _=o.summary;const j=e;if(e===j)if(typeof _=="string"){if(ee(_)>200)return F.
errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties/summary/maxLength",keyword:"maxLength",
params:{limit:200}}],!1}else return F.errors=[{instancePath:s+"/words/summary",schemaPath:"#/properties/words/properties\
/summary/type",keyword:"type",params:{type:"string"}}],!1;var G=j===e}else var G=!0}}}else return F.errors=[{instancePath:s+
"/words",schemaPath:"#/properties/words/type",keyword:"type",params:{type:"object"}}],!1;var a=n===e}else var a=!0}}}}}}}}}}}}}}}}}}}}}}}else
return F.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return F.errors=r,e===0}
const Ae=K,xe={$id:"velmo/frame/1",type:"object",properties:{version:{const:1},id:{type:"string",pattern:"^[a-z0-9-]{8,6\
4}$"},capturedAt:{type:"number",minimum:0},source:{type:"string",maxLength:200},summary:{type:"string",maxLength:200},files:{
type:"array",minItems:1,maxItems:8,items:{type:"object",properties:{kind:{enum:["dng","jpeg","tiff","png","webp","avif",
"heic","raw"]},name:{type:"string",minLength:1,maxLength:160},bytes:{type:"integer",minimum:1},chunks:{type:"integer",minimum:1,
maximum:4096}},required:["kind","name","bytes","chunks"],additionalProperties:!1}},thumbnail:{type:"string",pattern:"^da\
ta:image/jpeg;base64,"}},required:["version","id","capturedAt","source","summary","files","thumbnail"],additionalProperties:!1},
_e=new RegExp("^data:image/jpeg;base64,","u");function K(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.version===void 0&&(O="version")||t.id===
void 0&&(O="id")||t.capturedAt===void 0&&(O="capturedAt")||t.source===void 0&&(O="source")||t.summary===void 0&&(O="summ\
ary")||t.files===void 0&&(O="files")||t.thumbnail===void 0&&(O="thumbnail"))return K.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:O}}],!1;{const W=e;for(const c in t)if(!(c==="version"||c==="id"||
c==="capturedAt"||c==="source"||c==="summary"||c==="files"||c==="thumbnail")){return K.errors=[{instancePath:s,schemaPath:"\
#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:c}}],!1;break}if(W===e){if(t.version!==
void 0){const c=e;if(t.version!==1)return K.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"\
const",params:{allowedValue:1}}],!1;var a=c===e}else var a=!0;if(a){if(t.id!==void 0){let c=t.id;const w=e;if(e===w)if(typeof c==
"string"){if(!ge.test(c))return K.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/pattern",keyword:"pattern",params:{
pattern:"^[a-z0-9-]{8,64}$"}}],!1}else return K.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/type",keyword:"\
type",params:{type:"string"}}],!1;var a=w===e}else var a=!0;if(a){if(t.capturedAt!==void 0){let c=t.capturedAt;const w=e;
if(e===w)if(typeof c=="number"&&isFinite(c)){if(c<0||isNaN(c))return K.errors=[{instancePath:s+"/capturedAt",schemaPath:"\
#/properties/capturedAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return K.errors=[{instancePath:s+
"/capturedAt",schemaPath:"#/properties/capturedAt/type",keyword:"type",params:{type:"number"}}],!1;var a=w===e}else var a=!0;
if(a){if(t.source!==void 0){let c=t.source;const w=e;if(e===w)if(typeof c=="string"){if(ee(c)>200)return K.errors=[{instancePath:s+
"/source",schemaPath:"#/properties/source/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return K.errors=[{
instancePath:s+"/source",schemaPath:"#/properties/source/type",keyword:"type",params:{type:"string"}}],!1;var a=w===e}else
var a=!0;if(a){if(t.summary!==void 0){let c=t.summary;const w=e;if(e===w)if(typeof c=="string"){if(ee(c)>200)return K.errors=
[{instancePath:s+"/summary",schemaPath:"#/properties/summary/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else
return K.errors=[{instancePath:s+"/summary",schemaPath:"#/properties/summary/type",keyword:"type",params:{type:"string"}}],
!1;var a=w===e}else var a=!0;if(a){if(t.files!==void 0){let c=t.files;const w=e;if(e===w)if(Array.isArray(c)){if(c.length>
8)return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/maxItems",keyword:"maxItems",params:{limit:8}}],
!1;if(c.length<1)return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/minItems",keyword:"minItems",params:{
limit:1}}],!1;{var b=!0;const X=c.length;for(let m=0;m<X;m++){let u=c[m];const G=e;if(e===G)if(u&&typeof u=="object"&&!Array.
isArray(u)){let U;if(u.kind===void 0&&(U="kind")||u.name===void 0&&(U="name")||u.bytes===void 0&&(U="bytes")||u.chunks===
void 0&&(U="chunks"))return K.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/required",keyword:"\
required",params:{missingProperty:U}}],!1;{const o=e;for(const n in u)if(!(n==="kind"||n==="name"||n==="bytes"||n==="chu\
nks")){return K.errors=[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/additionalProperties",keyword:"\
additionalProperties",params:{additionalProperty:n}}],!1;break}if(o===e){if(u.kind!==void 0){let n=u.kind;const N=e;if(!(n===
"dng"||n==="jpeg"||n==="tiff"||n==="png"||n==="webp"||n==="avif"||n==="heic"||n==="raw"))return K.errors=[{instancePath:s+
"/files/"+m+"/kind",schemaPath:"#/properties/files/items/properties/kind/enum",keyword:"enum",params:{allowedValues:xe.properties.
files.items.properties.kind.enum}}],!1;var D=N===e}else var D=!0;if(D){if(u.name!==void 0){let n=u.name;const N=e;if(e===
N)if(typeof n=="string"){if(ee(n)>160)return K.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/properties/file\
s/items/properties/name/maxLength",keyword:"maxLength",params:{limit:160}}],!1;if(ee(n)<1)return K.errors=[{instancePath:s+
"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/minLength",keyword:"minLength",params:{limit:1}}],
!1}else return K.errors=[{instancePath:s+"/files/"+m+"/name",schemaPath:"#/properties/files/items/properties/name/type",
keyword:"type",params:{type:"string"}}],!1;var D=N===e}else var D=!0;if(D){if(u.bytes!==void 0){let n=u.bytes;const N=e;
if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return K.errors=[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"\
#/properties/files/items/properties/bytes/type",keyword:"type",params:{type:"integer"}}],!1;if(e===N&&typeof n=="number"&&
isFinite(n)&&(n<1||isNaN(n)))return K.errors=[{instancePath:s+"/files/"+m+"/bytes",schemaPath:"#/properties/files/items/\
properties/bytes/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1;var D=N===e}else var D=!0;if(D)if(u.chunks!==
void 0){let n=u.chunks;const N=e;if(!(typeof n=="number"&&!(n%1)&&!isNaN(n)&&isFinite(n)))return K.errors=[{instancePath:s+
"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/properties/chunks/type",keyword:"type",params:{type:"integer"}}],
!1;if(e===N&&typeof n=="number"&&isFinite(n)){if(n>4096||isNaN(n))return K.errors=[{instancePath:s+"/files/"+m+"/chunks",
schemaPath:"#/properties/files/items/properties/chunks/maximum",keyword:"maximum",params:{comparison:"<=",limit:4096}}],
!1;if(n<1||isNaN(n))return K.errors=[{instancePath:s+"/files/"+m+"/chunks",schemaPath:"#/properties/files/items/properti\
es/chunks/minimum",keyword:"minimum",params:{comparison:">=",limit:1}}],!1}var D=N===e}else var D=!0}}}}}else return K.errors=
[{instancePath:s+"/files/"+m,schemaPath:"#/properties/files/items/type",keyword:"type",params:{type:"object"}}],!1;var b=G===
e;if(!b)break}}}else return K.errors=[{instancePath:s+"/files",schemaPath:"#/properties/files/type",keyword:"type",params:{
type:"array"}}],!1;var a=w===e}else var a=!0;if(a)if(t.thumbnail!==void 0){let c=t.thumbnail;const w=e;if(e===w)if(typeof c==
"string"){if(!_e.test(c))return K.errors=[{instancePath:s+"/thumbnail",schemaPath:"#/properties/thumbnail/pattern",keyword:"\
pattern",params:{pattern:"^data:image/jpeg;base64,"}}],!1}else return K.errors=[{instancePath:s+"/thumbnail",schemaPath:"\
#/properties/thumbnail/type",keyword:"type",params:{type:"string"}}],!1;var a=w===e}else var a=!0}}}}}}}}else return K.errors=
[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return K.errors=r,e===0}const qe=ae,Pe={
$id:"velmo/camera-light/1",type:"object",properties:{version:{const:1},response:{oneOf:[{type:"null"},{type:"array",minItems:3,
maxItems:3,items:{type:"array",minItems:256,maxItems:256,items:{type:"number",minimum:0,maximum:1}}}]},measuredAt:{type:[
"number","null"]},greyStops:{type:"number",minimum:-4,maximum:4},evOffset:{type:["number","null"],minimum:-30,maximum:30}},
required:["version","response","measuredAt","greyStops","evOffset"],additionalProperties:!1};function ae(t,{instancePath:s="",
parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(
t)){let W;if(t.version===void 0&&(W="version")||t.response===void 0&&(W="response")||t.measuredAt===void 0&&(W="measured\
At")||t.greyStops===void 0&&(W="greyStops")||t.evOffset===void 0&&(W="evOffset"))return ae.errors=[{instancePath:s,schemaPath:"\
#/required",keyword:"required",params:{missingProperty:W}}],!1;{const c=e;for(const w in t)if(!(w==="version"||w==="resp\
onse"||w==="measuredAt"||w==="greyStops"||w==="evOffset")){return ae.errors=[{instancePath:s,schemaPath:"#/additionalPro\
perties",keyword:"additionalProperties",params:{additionalProperty:w}}],!1;break}if(c===e){if(t.version!==void 0){const w=e;
if(t.version!==1)return ae.errors=[{instancePath:s+"/version",schemaPath:"#/properties/version/const",keyword:"const",params:{
allowedValue:1}}],!1;var a=w===e}else var a=!0;if(a){if(t.response!==void 0){let w=t.response;const Q=e,X=e;let m=!1,u=null;
const G=e;if(w!==null){const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/0/type",keyword:"type",
params:{type:"null"}};r===null?r=[o]:r.push(o),e++}var O=G===e;O&&(m=!0,u=0);const y=e;if(e===y)if(Array.isArray(w))if(w.
length>3){const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/1/maxItems",keyword:"maxItems",params:{
limit:3}};r===null?r=[o]:r.push(o),e++}else if(w.length<3){const o={instancePath:s+"/response",schemaPath:"#/properties/\
response/oneOf/1/minItems",keyword:"minItems",params:{limit:3}};r===null?r=[o]:r.push(o),e++}else{var b=!0;const o=w.length;
for(let n=0;n<o;n++){let N=w[n];const v=e;if(e===v)if(Array.isArray(N))if(N.length>256){const _={instancePath:s+"/respon\
se/"+n,schemaPath:"#/properties/response/oneOf/1/items/maxItems",keyword:"maxItems",params:{limit:256}};r===null?r=[_]:r.
push(_),e++}else if(N.length<256){const _={instancePath:s+"/response/"+n,schemaPath:"#/properties/response/oneOf/1/items\
/minItems",keyword:"minItems",params:{limit:256}};r===null?r=[_]:r.push(_),e++}else{var D=!0;const _=N.length;for(let j=0;j<
_;j++){let me=N[j];const k=e;if(e===k)if(typeof me=="number"&&isFinite(me)){if(me>1||isNaN(me)){const l={instancePath:s+
"/response/"+n+"/"+j,schemaPath:"#/properties/response/oneOf/1/items/items/maximum",keyword:"maximum",params:{comparison:"\
<=",limit:1}};r===null?r=[l]:r.push(l),e++}else if(me<0||isNaN(me)){const l={instancePath:s+"/response/"+n+"/"+j,schemaPath:"\
#/properties/response/oneOf/1/items/items/minimum",keyword:"minimum",params:{comparison:">=",limit:0}};r===null?r=[l]:r.
push(l),e++}}else{const l={instancePath:s+"/response/"+n+"/"+j,schemaPath:"#/properties/response/oneOf/1/items/items/typ\
e",keyword:"type",params:{type:"number"}};r===null?r=[l]:r.push(l),e++}var D=k===e;if(!D)break}}else{const _={instancePath:s+
"/response/"+n,schemaPath:"#/properties/response/oneOf/1/items/type",keyword:"type",params:{type:"array"}};r===null?r=[_]:
r.push(_),e++}var b=v===e;if(!b)break}}else{const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneOf/\
1/type",keyword:"type",params:{type:"array"}};r===null?r=[o]:r.push(o),e++}var O=y===e;if(O&&m?(m=!1,u=[u,1]):O&&(m=!0,u=
1),m)e=X,r!==null&&(X?r.length=X:r=null);else{const o={instancePath:s+"/response",schemaPath:"#/properties/response/oneO\
f",keyword:"oneOf",params:{passingSchemas:u}};return r===null?r=[o]:r.push(o),e++,ae.errors=r,!1}var a=Q===e}else var a=!0;
if(a){if(t.measuredAt!==void 0){let w=t.measuredAt;const Q=e;if(!(typeof w=="number"&&isFinite(w))&&w!==null)return ae.errors=
[{instancePath:s+"/measuredAt",schemaPath:"#/properties/measuredAt/type",keyword:"type",params:{type:Pe.properties.measuredAt.
type}}],!1;var a=Q===e}else var a=!0;if(a){if(t.greyStops!==void 0){let w=t.greyStops;const Q=e;if(e===Q)if(typeof w=="n\
umber"&&isFinite(w)){if(w>4||isNaN(w))return ae.errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/\
maximum",keyword:"maximum",params:{comparison:"<=",limit:4}}],!1;if(w<-4||isNaN(w))return ae.errors=[{instancePath:s+"/g\
reyStops",schemaPath:"#/properties/greyStops/minimum",keyword:"minimum",params:{comparison:">=",limit:-4}}],!1}else return ae.
errors=[{instancePath:s+"/greyStops",schemaPath:"#/properties/greyStops/type",keyword:"type",params:{type:"number"}}],!1;
var a=Q===e}else var a=!0;if(a)if(t.evOffset!==void 0){let w=t.evOffset;const Q=e;if(!(typeof w=="number"&&isFinite(w))&&
w!==null)return ae.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/type",keyword:"type",params:{type:Pe.
properties.evOffset.type}}],!1;if(e===Q&&typeof w=="number"&&isFinite(w)){if(w>30||isNaN(w))return ae.errors=[{instancePath:s+
"/evOffset",schemaPath:"#/properties/evOffset/maximum",keyword:"maximum",params:{comparison:"<=",limit:30}}],!1;if(w<-30||
isNaN(w))return ae.errors=[{instancePath:s+"/evOffset",schemaPath:"#/properties/evOffset/minimum",keyword:"minimum",params:{
comparison:">=",limit:-30}}],!1}var a=Q===e}else var a=!0}}}}}}else return ae.errors=[{instancePath:s,schemaPath:"#/type",
keyword:"type",params:{type:"object"}}],!1;return ae.errors=r,e===0}const Fe=ke,ze={$id:"velmo/camera-choice/1",oneOf:[{
type:"object",properties:{device:{const:"simulated"},scene:{type:"string",maxLength:64}},required:["device","scene"],additionalProperties:!1},
{type:"object",properties:{device:{const:"browser"},camera:{type:"object",properties:{id:{type:"string",maxLength:512},label:{
type:"string",maxLength:512}},required:["id","label"],additionalProperties:!1},size:{type:"object",properties:{width:{type:"\
integer",minimum:16,maximum:16384},height:{type:"integer",minimum:16,maximum:16384}},required:["width","height"],additionalProperties:!1}},
required:["device"],additionalProperties:!1}]};function ke(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;const a=e;let b=!1,D=null;const O=e;if(e===O)if(t&&typeof t=="object"&&!Array.isArray(t)){let u;if(t.device===
void 0&&(u="device")||t.scene===void 0&&(u="scene")){const G={instancePath:s,schemaPath:"#/oneOf/0/required",keyword:"re\
quired",params:{missingProperty:u}};r===null?r=[G]:r.push(G),e++}else{const G=e;for(const y in t)if(!(y==="device"||y===
"scene")){const U={instancePath:s,schemaPath:"#/oneOf/0/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}};
r===null?r=[U]:r.push(U),e++;break}if(G===e){if(t.device!==void 0){const y=e;if(t.device!=="simulated"){const U={instancePath:s+
"/device",schemaPath:"#/oneOf/0/properties/device/const",keyword:"const",params:{allowedValue:"simulated"}};r===null?r=[
U]:r.push(U),e++}var W=y===e}else var W=!0;if(W)if(t.scene!==void 0){let y=t.scene;const U=e;if(e===U)if(typeof y=="stri\
ng"){if(ee(y)>64){const n={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/scene/maxLength",keyword:"maxLength",
params:{limit:64}};r===null?r=[n]:r.push(n),e++}}else{const n={instancePath:s+"/scene",schemaPath:"#/oneOf/0/properties/\
scene/type",keyword:"type",params:{type:"string"}};r===null?r=[n]:r.push(n),e++}var W=U===e}else var W=!0}}}else{const u={
instancePath:s,schemaPath:"#/oneOf/0/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var m=O===
e;m&&(b=!0,D=0);const c=e;if(e===c)if(t&&typeof t=="object"&&!Array.isArray(t)){let u;if(t.device===void 0&&(u="device")){
const G={instancePath:s,schemaPath:"#/oneOf/1/required",keyword:"required",params:{missingProperty:u}};r===null?r=[G]:r.
push(G),e++}else{const G=e;for(const y in t)if(!(y==="device"||y==="camera"||y==="size")){const U={instancePath:s,schemaPath:"\
#/oneOf/1/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:y}};r===null?r=[U]:r.push(U),e++;
break}if(G===e){if(t.device!==void 0){const y=e;if(t.device!=="browser"){const U={instancePath:s+"/device",schemaPath:"#\
/oneOf/1/properties/device/const",keyword:"const",params:{allowedValue:"browser"}};r===null?r=[U]:r.push(U),e++}var w=y===
e}else var w=!0;if(w){if(t.camera!==void 0){let y=t.camera;const U=e;if(e===U)if(y&&typeof y=="object"&&!Array.isArray(y)){
let n;if(y.id===void 0&&(n="id")||y.label===void 0&&(n="label")){const N={instancePath:s+"/camera",schemaPath:"#/oneOf/1\
/properties/camera/required",keyword:"required",params:{missingProperty:n}};r===null?r=[N]:r.push(N),e++}else{const N=e;
for(const v in y)if(!(v==="id"||v==="label")){const g={instancePath:s+"/camera",schemaPath:"#/oneOf/1/properties/camera/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}};r===null?r=[g]:r.push(g),e++;break}if(N===
e){if(y.id!==void 0){let v=y.id;const g=e;if(e===g)if(typeof v=="string"){if(ee(v)>512){const _={instancePath:s+"/camera\
/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=
[_]:r.push(_),e++}}else{const _={instancePath:s+"/camera/id",schemaPath:"#/oneOf/1/properties/camera/properties/id/type",
keyword:"type",params:{type:"string"}};r===null?r=[_]:r.push(_),e++}var Q=g===e}else var Q=!0;if(Q)if(y.label!==void 0){
let v=y.label;const g=e;if(e===g)if(typeof v=="string"){if(ee(v)>512){const j={instancePath:s+"/camera/label",schemaPath:"\
#/oneOf/1/properties/camera/properties/label/maxLength",keyword:"maxLength",params:{limit:512}};r===null?r=[j]:r.push(j),
e++}}else{const j={instancePath:s+"/camera/label",schemaPath:"#/oneOf/1/properties/camera/properties/label/type",keyword:"\
type",params:{type:"string"}};r===null?r=[j]:r.push(j),e++}var Q=g===e}else var Q=!0}}}else{const n={instancePath:s+"/ca\
mera",schemaPath:"#/oneOf/1/properties/camera/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}
var w=U===e}else var w=!0;if(w)if(t.size!==void 0){let y=t.size;const U=e;if(e===U)if(y&&typeof y=="object"&&!Array.isArray(
y)){let n;if(y.width===void 0&&(n="width")||y.height===void 0&&(n="height")){const N={instancePath:s+"/size",schemaPath:"\
#/oneOf/1/properties/size/required",keyword:"required",params:{missingProperty:n}};r===null?r=[N]:r.push(N),e++}else{const N=e;
for(const v in y)if(!(v==="width"||v==="height")){const g={instancePath:s+"/size",schemaPath:"#/oneOf/1/properties/size/\
additionalProperties",keyword:"additionalProperties",params:{additionalProperty:v}};r===null?r=[g]:r.push(g),e++;break}if(N===
e){if(y.width!==void 0){let v=y.width;const g=e;if(!(typeof v=="number"&&!(v%1)&&!isNaN(v)&&isFinite(v))){const _={instancePath:s+
"/size/width",schemaPath:"#/oneOf/1/properties/size/properties/width/type",keyword:"type",params:{type:"integer"}};r===null?
r=[_]:r.push(_),e++}if(e===g&&typeof v=="number"&&isFinite(v)){if(v>16384||isNaN(v)){const _={instancePath:s+"/size/widt\
h",schemaPath:"#/oneOf/1/properties/size/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:16384}};
r===null?r=[_]:r.push(_),e++}else if(v<16||isNaN(v)){const _={instancePath:s+"/size/width",schemaPath:"#/oneOf/1/propert\
ies/size/properties/width/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===null?r=[_]:r.push(_),e++}}var X=g===
e}else var X=!0;if(X)if(y.height!==void 0){let v=y.height;const g=e;if(!(typeof v=="number"&&!(v%1)&&!isNaN(v)&&isFinite(
v))){const j={instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/type",keyword:"type",
params:{type:"integer"}};r===null?r=[j]:r.push(j),e++}if(e===g&&typeof v=="number"&&isFinite(v)){if(v>16384||isNaN(v)){const j={
instancePath:s+"/size/height",schemaPath:"#/oneOf/1/properties/size/properties/height/maximum",keyword:"maximum",params:{
comparison:"<=",limit:16384}};r===null?r=[j]:r.push(j),e++}else if(v<16||isNaN(v)){const j={instancePath:s+"/size/height",
schemaPath:"#/oneOf/1/properties/size/properties/height/minimum",keyword:"minimum",params:{comparison:">=",limit:16}};r===
null?r=[j]:r.push(j),e++}}var X=g===e}else var X=!0}}}else{const n={instancePath:s+"/size",schemaPath:"#/oneOf/1/propert\
ies/size/type",keyword:"type",params:{type:"object"}};r===null?r=[n]:r.push(n),e++}var w=U===e}else var w=!0}}}}else{const u={
instancePath:s,schemaPath:"#/oneOf/1/type",keyword:"type",params:{type:"object"}};r===null?r=[u]:r.push(u),e++}var m=c===
e;if(m&&b?(b=!1,D=[D,1]):m&&(b=!0,D=1),b)e=a,r!==null&&(a?r.length=a:r=null);else{const u={instancePath:s,schemaPath:"#/\
oneOf",keyword:"oneOf",params:{passingSchemas:D}};return r===null?r=[u]:r.push(u),e++,ke.errors=r,!1}return ke.errors=r,
e===0}const Ce=T,be={$id:"velmo/decision/1",type:"object",properties:{version:{const:1},roll:{type:"string",maxLength:200},
choice:{enum:["kept","dropped",null]},reframe:{type:"object",properties:{quarters:{enum:[0,1,2,3]},tilt:{type:"integer",
minimum:-450,maximum:450},crop:{type:"object",properties:{x:{type:"number",minimum:-1,maximum:2},y:{type:"number",minimum:-1,
maximum:2},width:{type:"number",minimum:.001,maximum:2},height:{type:"number",minimum:.001,maximum:2}},required:["x","y",
"width","height"],additionalProperties:!1}},required:["quarters","tilt","crop"],additionalProperties:!1}},required:["ver\
sion","roll","choice"],additionalProperties:!1};function T(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){
let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&!Array.isArray(t)){let O;if(t.version===void 0&&(O="version")||t.roll===
void 0&&(O="roll")||t.choice===void 0&&(O="choice"))return T.errors=[{instancePath:s,schemaPath:"#/required",keyword:"re\
quired",params:{missingProperty:O}}],!1;{const W=e;for(const c in t)if(!(c==="version"||c==="roll"||c==="choice"||c==="r\
eframe")){return T.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:c}}],
!1;break}if(W===e){if(t.version!==void 0){const c=e;if(t.version!==1)return T.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=c===e}else var a=!0;if(a){if(t.roll!==void 0){
let c=t.roll;const w=e;if(e===w)if(typeof c=="string"){if(ee(c)>200)return T.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/maxLength",keyword:"maxLength",params:{limit:200}}],!1}else return T.errors=[{instancePath:s+"/roll",schemaPath:"\
#/properties/roll/type",keyword:"type",params:{type:"string"}}],!1;var a=w===e}else var a=!0;if(a){if(t.choice!==void 0){
let c=t.choice;const w=e;if(!(c==="kept"||c==="dropped"||c===null))return T.errors=[{instancePath:s+"/choice",schemaPath:"\
#/properties/choice/enum",keyword:"enum",params:{allowedValues:be.properties.choice.enum}}],!1;var a=w===e}else var a=!0;
if(a)if(t.reframe!==void 0){let c=t.reframe;const w=e;if(e===w)if(c&&typeof c=="object"&&!Array.isArray(c)){let X;if(c.quarters===
void 0&&(X="quarters")||c.tilt===void 0&&(X="tilt")||c.crop===void 0&&(X="crop"))return T.errors=[{instancePath:s+"/refr\
ame",schemaPath:"#/properties/reframe/required",keyword:"required",params:{missingProperty:X}}],!1;{const m=e;for(const u in c)
if(!(u==="quarters"||u==="tilt"||u==="crop")){return T.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/refra\
me/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:u}}],!1;break}if(m===e){if(c.quarters!==
void 0){let u=c.quarters;const G=e;if(!(u===0||u===1||u===2||u===3))return T.errors=[{instancePath:s+"/reframe/quarters",
schemaPath:"#/properties/reframe/properties/quarters/enum",keyword:"enum",params:{allowedValues:be.properties.reframe.properties.
quarters.enum}}],!1;var b=G===e}else var b=!0;if(b){if(c.tilt!==void 0){let u=c.tilt;const G=e;if(!(typeof u=="number"&&
!(u%1)&&!isNaN(u)&&isFinite(u)))return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/proper\
ties/tilt/type",keyword:"type",params:{type:"integer"}}],!1;if(e===G&&typeof u=="number"&&isFinite(u)){if(u>450||isNaN(u))
return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"#/properties/reframe/properties/tilt/maximum",keyword:"maxi\
mum",params:{comparison:"<=",limit:450}}],!1;if(u<-450||isNaN(u))return T.errors=[{instancePath:s+"/reframe/tilt",schemaPath:"\
#/properties/reframe/properties/tilt/minimum",keyword:"minimum",params:{comparison:">=",limit:-450}}],!1}var b=G===e}else
var b=!0;if(b)if(c.crop!==void 0){let u=c.crop;const G=e;if(e===G)if(u&&typeof u=="object"&&!Array.isArray(u)){let U;if(u.
x===void 0&&(U="x")||u.y===void 0&&(U="y")||u.width===void 0&&(U="width")||u.height===void 0&&(U="height"))return T.errors=
[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/required",keyword:"required",params:{missingProperty:U}}],
!1;{const o=e;for(const n in u)if(!(n==="x"||n==="y"||n==="width"||n==="height")){return T.errors=[{instancePath:s+"/ref\
rame/crop",schemaPath:"#/properties/reframe/properties/crop/additionalProperties",keyword:"additionalProperties",params:{
additionalProperty:n}}],!1;break}if(o===e){if(u.x!==void 0){let n=u.x;const N=e;if(e===N)if(typeof n=="number"&&isFinite(
n)){if(n>2||isNaN(n))return T.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop\
/properties/x/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(n<-1||isNaN(n))return T.errors=[{instancePath:s+
"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/crop/properties/x/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:-1}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/x",schemaPath:"#/properties/reframe/properties/c\
rop/properties/x/type",keyword:"type",params:{type:"number"}}],!1;var D=N===e}else var D=!0;if(D){if(u.y!==void 0){let n=u.
y;const N=e;if(e===N)if(typeof n=="number"&&isFinite(n)){if(n>2||isNaN(n))return T.errors=[{instancePath:s+"/reframe/cro\
p/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],
!1;if(n<-1||isNaN(n))return T.errors=[{instancePath:s+"/reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop\
/properties/y/minimum",keyword:"minimum",params:{comparison:">=",limit:-1}}],!1}else return T.errors=[{instancePath:s+"/\
reframe/crop/y",schemaPath:"#/properties/reframe/properties/crop/properties/y/type",keyword:"type",params:{type:"number"}}],
!1;var D=N===e}else var D=!0;if(D){if(u.width!==void 0){let n=u.width;const N=e;if(e===N)if(typeof n=="number"&&isFinite(
n)){if(n>2||isNaN(n))return T.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/\
crop/properties/width/maximum",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(n<.001||isNaN(n))return T.errors=
[{instancePath:s+"/reframe/crop/width",schemaPath:"#/properties/reframe/properties/crop/properties/width/minimum",keyword:"\
minimum",params:{comparison:">=",limit:.001}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/width",schemaPath:"\
#/properties/reframe/properties/crop/properties/width/type",keyword:"type",params:{type:"number"}}],!1;var D=N===e}else var D=!0;
if(D)if(u.height!==void 0){let n=u.height;const N=e;if(e===N)if(typeof n=="number"&&isFinite(n)){if(n>2||isNaN(n))return T.
errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/maximu\
m",keyword:"maximum",params:{comparison:"<=",limit:2}}],!1;if(n<.001||isNaN(n))return T.errors=[{instancePath:s+"/refram\
e/crop/height",schemaPath:"#/properties/reframe/properties/crop/properties/height/minimum",keyword:"minimum",params:{comparison:"\
>=",limit:.001}}],!1}else return T.errors=[{instancePath:s+"/reframe/crop/height",schemaPath:"#/properties/reframe/prope\
rties/crop/properties/height/type",keyword:"type",params:{type:"number"}}],!1;var D=N===e}else var D=!0}}}}}else return T.
errors=[{instancePath:s+"/reframe/crop",schemaPath:"#/properties/reframe/properties/crop/type",keyword:"type",params:{type:"\
object"}}],!1;var b=G===e}else var b=!0}}}}else return T.errors=[{instancePath:s+"/reframe",schemaPath:"#/properties/ref\
rame/type",keyword:"type",params:{type:"object"}}],!1;var a=w===e}else var a=!0}}}}}else return T.errors=[{instancePath:s,
schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return T.errors=r,e===0}const Le=ne,De={$id:"velmo/roll/1",
type:"object",properties:{version:{const:1},id:{type:"string",minLength:1,maxLength:200},name:{type:"string",minLength:1,
maxLength:40},madeAt:{type:"number",minimum:0}},required:["version","id","name","madeAt"],additionalProperties:!1};function ne(t,{
instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t=="object"&&
!Array.isArray(t)){let b;if(t.version===void 0&&(b="version")||t.id===void 0&&(b="id")||t.name===void 0&&(b="name")||t.madeAt===
void 0&&(b="madeAt"))return ne.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",params:{missingProperty:b}}],
!1;{const D=e;for(const O in t)if(!(O==="version"||O==="id"||O==="name"||O==="madeAt")){return ne.errors=[{instancePath:s,
schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}}],!1;break}if(D===e){if(t.
version!==void 0){const O=e;if(t.version!==1)return ne.errors=[{instancePath:s+"/version",schemaPath:"#/properties/versi\
on/const",keyword:"const",params:{allowedValue:1}}],!1;var a=O===e}else var a=!0;if(a){if(t.id!==void 0){let O=t.id;const W=e;
if(e===W)if(typeof O=="string"){if(ee(O)>200)return ne.errors=[{instancePath:s+"/id",schemaPath:"#/properties/id/maxLeng\
th",keyword:"maxLength",params:{limit:200}}],!1;if(ee(O)<1)return ne.errors=[{instancePath:s+"/id",schemaPath:"#/propert\
ies/id/minLength",keyword:"minLength",params:{limit:1}}],!1}else return ne.errors=[{instancePath:s+"/id",schemaPath:"#/p\
roperties/id/type",keyword:"type",params:{type:"string"}}],!1;var a=W===e}else var a=!0;if(a){if(t.name!==void 0){let O=t.
name;const W=e;if(e===W)if(typeof O=="string"){if(ee(O)>40)return ne.errors=[{instancePath:s+"/name",schemaPath:"#/prope\
rties/name/maxLength",keyword:"maxLength",params:{limit:40}}],!1;if(ee(O)<1)return ne.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/minLength",keyword:"minLength",params:{limit:1}}],!1}else return ne.errors=[{instancePath:s+"/name",schemaPath:"\
#/properties/name/type",keyword:"type",params:{type:"string"}}],!1;var a=W===e}else var a=!0;if(a)if(t.madeAt!==void 0){
let O=t.madeAt;const W=e;if(e===W)if(typeof O=="number"&&isFinite(O)){if(O<0||isNaN(O))return ne.errors=[{instancePath:s+
"/madeAt",schemaPath:"#/properties/madeAt/minimum",keyword:"minimum",params:{comparison:">=",limit:0}}],!1}else return ne.
errors=[{instancePath:s+"/madeAt",schemaPath:"#/properties/madeAt/type",keyword:"type",params:{type:"number"}}],!1;var a=W===
e}else var a=!0}}}}}else return ne.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;
return ne.errors=r,e===0}const Ve=fe,He={$id:"velmo/frame-marks/1",type:"object",properties:{version:{const:1},clips:{type:"\
boolean"},zebra:{type:"boolean"},edges:{type:"boolean"}},required:["version","clips","zebra","edges"],additionalProperties:!1};
function fe(t,{instancePath:s="",parentData:ue,parentDataProperty:de,rootData:ce=t}={}){let r=null,e=0;if(e===0)if(t&&typeof t==
"object"&&!Array.isArray(t)){let b;if(t.version===void 0&&(b="version")||t.clips===void 0&&(b="clips")||t.zebra===void 0&&
(b="zebra")||t.edges===void 0&&(b="edges"))return fe.errors=[{instancePath:s,schemaPath:"#/required",keyword:"required",
params:{missingProperty:b}}],!1;{const D=e;for(const O in t)if(!(O==="version"||O==="clips"||O==="zebra"||O==="edges")){
return fe.errors=[{instancePath:s,schemaPath:"#/additionalProperties",keyword:"additionalProperties",params:{additionalProperty:O}}],
!1;break}if(D===e){if(t.version!==void 0){const O=e;if(t.version!==1)return fe.errors=[{instancePath:s+"/version",schemaPath:"\
#/properties/version/const",keyword:"const",params:{allowedValue:1}}],!1;var a=O===e}else var a=!0;if(a){if(t.clips!==void 0){
const O=e;if(typeof t.clips!="boolean")return fe.errors=[{instancePath:s+"/clips",schemaPath:"#/properties/clips/type",keyword:"\
type",params:{type:"boolean"}}],!1;var a=O===e}else var a=!0;if(a){if(t.zebra!==void 0){const O=e;if(typeof t.zebra!="bo\
olean")return fe.errors=[{instancePath:s+"/zebra",schemaPath:"#/properties/zebra/type",keyword:"type",params:{type:"bool\
ean"}}],!1;var a=O===e}else var a=!0;if(a)if(t.edges!==void 0){const O=e;if(typeof t.edges!="boolean")return fe.errors=[
{instancePath:s+"/edges",schemaPath:"#/properties/edges/type",keyword:"type",params:{type:"boolean"}}],!1;var a=O===e}else
var a=!0}}}}}else return fe.errors=[{instancePath:s,schemaPath:"#/type",keyword:"type",params:{type:"object"}}],!1;return fe.
errors=r,e===0}export{Fe as cameraChoice,qe as cameraLight,Ce as decision,je as frameRecord,Ve as markChoice,Ae as olderFrameRecord,Se as preferences,
Le as rollRecord,Ne as settings};
